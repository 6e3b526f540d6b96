package app.frenum.formats.words;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.finding.UnitSystem;
import com.ibm.icu.text.ListFormatter;
import com.ibm.icu.text.MessageFormat;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;

/** The one place that words findings: the catalogue's sentence, with every amount in the reader's unit and digits. */
public final class Wording {
    private static final ResourceBundle CATALOGUE =
            ResourceBundle.getBundle("app.frenum.formats.words.findings", Locale.ENGLISH);

    private final UnitSystem system;

    private Wording(UnitSystem system) {
        this.system = system;
    }

    /** For a reader who thinks in these units. */
    public static Wording in(UnitSystem system) {
        return new Wording(system);
    }

    /** @throws java.util.MissingResourceException when the catalogue has no words for it */
    public String text(Finding finding) {
        Map<String, Object> arguments = new HashMap<>();
        finding.terms().forEach((name, term) -> arguments.put(name, argument(term)));
        String pattern = CATALOGUE.getString(finding.code().key());
        return new MessageFormat(pattern, Locale.ENGLISH).format(arguments);
    }

    /** A count stays a number, so that the sentence can have a plural. */
    private Object argument(Term term) {
        return term instanceof Term.Count count ? (Object) count.n() : word(term);
    }

    private String word(Term term) {
        if (term instanceof Term.Amount amount) {
            return amount(amount);
        }
        if (term instanceof Term.Name name) {
            return name.text();
        }
        if (term instanceof Term.Said said) {
            return text(said.finding());
        }
        if (term instanceof Term.All all) {
            return all(all.terms());
        }
        return Long.toString(((Term.Count) term).n());
    }

    private String all(List<Term> terms) {
        List<String> words = terms.stream().map(this::word).toList();
        return terms.stream().allMatch(t -> t instanceof Term.Said)
                ? String.join(CATALOGUE.getString("between.sentences"), words)
                : ListFormatter.getInstance(Locale.ENGLISH).format(words);
    }

    /** No more digits than it deserves, in the reader's unit too; a true minus. */
    private String amount(Term.Amount amount) {
        double step = amount.kind().shownStep(amount.step(), system);
        int decimals = (int) Math.max(0, Math.round(-Math.log10(step)));
        String number = number(amount.kind().shown(amount.inside(), system), decimals);
        if (amount.plusMinus().isPresent()) {
            double half = amount.kind().shownStep(amount.plusMinus().getAsDouble(), system);
            number += " ± " + number(half, decimals);
        }
        return (number + " " + amount.kind().unit(system).symbol()).strip();
    }

    private static String number(double shown, int decimals) {
        String number = String.format(Locale.ROOT, "%." + decimals + "f", Math.abs(shown));
        boolean negative = shown < 0 && number.chars().anyMatch(c -> c >= '1' && c <= '9');
        return (negative ? "−" : "") + number;
    }
}
