package app.frenum.server.verdict;

import app.frenum.core.compare.Alternative;
import app.frenum.core.compare.Comparison;
import app.frenum.core.compare.Comparisons;
import app.frenum.core.compare.Conclusion;
import app.frenum.core.compare.Side;
import app.frenum.core.compare.Verdict;
import app.frenum.core.finding.Finding;
import app.frenum.core.people.Who;
import app.frenum.formats.BadInput;
import app.frenum.formats.signature.VerifyingKey;
import app.frenum.formats.verdict.FrozenSide;
import app.frenum.formats.verdict.FrozenVerdict;
import app.frenum.formats.verdict.SignedAs;
import app.frenum.formats.verdict.VerdictFile;
import app.frenum.server.Raced;
import app.frenum.server.SteadyClock;
import app.frenum.server.compare.ComparedSides;
import app.frenum.server.compare.ComparisonService;
import app.frenum.server.problem.Problem;
import app.frenum.server.signature.InstanceKeys;
import app.frenum.server.who.Asker;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Signs verdicts with what they rest on, and holds them against what the stops say later. */
@Service
@Raced
@Transactional
public class VerdictService {
    private static final int MOST_OF_A_TEST = 500;

    private final ComparisonService comparisons;
    private final SignedVerdictRepository signed;
    private final InstanceKeys keys;
    private final SteadyClock clock;

    VerdictService(
            ComparisonService comparisons, SignedVerdictRepository signed, InstanceKeys keys, SteadyClock clock) {
        this.comparisons = comparisons;
        this.signed = signed;
        this.keys = keys;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<AlternativeView> alternatives(UUID testId, SignRequest request) {
        List<Alternative> all = alternatives(testId, request, sides(testId, request));
        Verdict asItStands = all.get(0).verdict();
        return all.stream()
                .map(a -> new AlternativeView(Finding.of(a.way()), a.verdict(), a.verdict() == asItStands))
                .toList();
    }

    private List<Alternative> alternatives(UUID testId, SignRequest request, ComparedSides of) {
        ComparedSides all = comparisons.sides(testId, request.baselineId(), true, request.group());
        return Alternative.of(of.sides(), place(of, request.candidateId()), all.sides(), of.margin(), of.look());
    }

    private ComparedSides sides(UUID testId, SignRequest request) {
        return comparisons.sides(testId, request.baselineId(), request.includeStruckOut(), request.group());
    }

    private static int place(ComparedSides of, UUID candidateId) {
        int place = of.configurationIds().indexOf(candidateId);
        if (place < 1) {
            throw Problem.invalid("candidateId", "Choose a configuration of this test beside its baseline.");
        }
        return place;
    }

    @Transactional(readOnly = true)
    public List<SignedVerdictView> signed(UUID testId) {
        return signed.findByTestIdOrderByCreatedAtDesc(testId).stream()
                .map(this::view)
                .toList();
    }

    /** Signs what the stops say now; sent again it changes nothing. */
    public SignedVerdictView sign(UUID id, UUID testId, SignRequest request, Asker signer) {
        Optional<SignedVerdictRow> known = signed.findById(id);
        if (known.isPresent()) {
            if (!known.get().testId().equals(testId)) {
                throw Problem.conflict("Another verdict has this id. Give each one of its own.");
            }
            return view(known.get());
        }
        if (signed.findByTestIdOrderByCreatedAtDesc(testId).size() >= MOST_OF_A_TEST) {
            throw Problem.invalid(
                    "id", "A test keeps %d signed verdicts. This one has them.".formatted(MOST_OF_A_TEST));
        }
        ComparedSides of = sides(testId, request);
        String document =
                VerdictFile.sign(frozen(of, alternatives(testId, request, of), request, signer), keys.signingKey());
        return view(signed.save(
                new SignedVerdictRow(id, testId, request, of.configurationIds().get(0), document)));
    }

    private FrozenVerdict frozen(ComparedSides of, List<Alternative> ways, SignRequest request, Asker signer) {
        int place = place(of, request.candidateId());
        Verdict asItStands = ways.get(0).verdict();
        return new FrozenVerdict(
                FrozenVerdict.FORMAT,
                FrozenVerdict.VERSION,
                of.test().question(),
                of.vehicle(),
                of.margin().size(),
                of.margin().ofBaseline(),
                of.look().plannedEach(),
                of.sides().stream().map(FrozenSide::of).toList(),
                place,
                FrozenVerdict.figures(of.sides(), place, of.margin(), of.look()),
                ways.size(),
                (int) ways.stream().filter(w -> w.verdict() == asItStands).count(),
                signer.who().name(),
                clock.instant().toString(),
                new SignedAs(
                        signer.role().name(),
                        FrozenVerdict.RULES,
                        keys.instance().toString()));
    }

    /** All that were ever signed, as they are kept. */
    @Transactional(readOnly = true)
    public List<String> files() {
        return signed.findAll(Sort.by("createdAt", "id")).stream()
                .map(SignedVerdictRow::document)
                .toList();
    }

    String file(UUID id) {
        return signed.findById(id)
                .orElseThrow(() -> Problem.notFound("The signed verdict"))
                .document();
    }

    private SignedVerdictView view(SignedVerdictRow row) {
        VerdictFile.Verified kept = read(row.document());
        FrozenVerdict then = kept.verdict();
        ComparedSides now = comparisons.sides(row.testId(), row.baselineId(), row.includeStruckOut(), row.likeStops());
        int place = place(now, row.candidateId());
        Comparison again = then.again();
        List<Side> before = then.sides().stream().map(FrozenSide::thawed).toList();
        Conclusion signedThen = conclusion(again, now, place, before.get(0), before.get(then.candidate()));
        Comparison today = today(now, place);
        Conclusion saidNow =
                conclusion(today, now, place, now.sides().get(0), now.sides().get(place));
        return new SignedVerdictView(
                row.id(),
                row.baselineId(),
                row.candidateId(),
                row.likeStops(),
                new Who(then.signedBy()),
                Instant.parse(then.signedAt()),
                signature(kept),
                then.ways(),
                then.agreeing(),
                signedThen.sentence(),
                signedThen.range(),
                saidNow.sentence(),
                !FrozenVerdict.figures(now.sides(), place, now.margin(), now.look())
                        .holds(then.figures()),
                counting(now.sides(), place) - counting(before, then.candidate()));
    }

    private SignatureView signature(VerdictFile.Verified kept) {
        return new SignatureView(
                kept.key().map(VerifyingKey::spelled).orElse(null),
                kept.key().filter(keys::isOwn).isPresent(),
                kept.isUnaltered());
    }

    private static Comparison today(ComparedSides now, int place) {
        return Comparisons.of(
                        now.sides().get(0), now.sides().subList(1, now.sides().size()), now.margin(), now.look())
                .get(place - 1);
    }

    private static Conclusion conclusion(Comparison c, ComparedSides now, int place, Side baseline, Side candidate) {
        return Conclusion.of(c, now.letters().get(0), now.letters().get(place), baseline, candidate);
    }

    private static int counting(List<Side> sides, int place) {
        return sides.get(0).values().length + sides.get(place).values().length;
    }

    private static VerdictFile.Verified read(String document) {
        try {
            return VerdictFile.read(new ByteArrayInputStream(document.getBytes(StandardCharsets.UTF_8)));
        } catch (BadInput | IOException e) {
            throw new IllegalStateException("a signed verdict that was kept cannot be read", e);
        }
    }
}
