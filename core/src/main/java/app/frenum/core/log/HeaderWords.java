package app.frenum.core.log;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** The words of headers in six languages as the English ones: German, French, Spanish, Italian, Dutch, Portuguese. */
public final class HeaderWords {
    /** Words without accents, then the English of them; where languages share a word it means the same. */
    private static final String[] WORDS = {
        "geschwindigkeit geschw vitesse velocidad velocita snelheid velocidade = speed",
        "bremsdruck remdruk = brake pressure",
        "druck pression presion pressione druk pressao = pressure",
        "bremse frein freins freno frenos freni rem travao travoes freio freios = brake",
        "vorne vorn va avant delantero delantera delanteros anteriore anteriori voor dianteiro dianteira = front",
        "hinten ha arriere trasero trasera traseros posteriore posteriori achter traseiro traseira = rear",
        "links gauche izquierdo izquierda izq sinistro sinistra sx esquerdo esquerda = left",
        "rechts droit droite derecho derecha destro destra dx direito direita = right",
        "verzogerung deceleracion decelerazione vertraging desaceleracao = deceleration",
        "beschleunigung aceleracion accelerazione versnelling aceleracao = acceleration",
        "langsbeschleunigung = longitudinal acceleration",
        "langs longitudinale = longitudinal",
        "quer laterale = lateral",
        "bremslicht = brake light",
        "bremsschalter = brake switch",
        "schalter interruptor interruttore contacteur schakelaar = switch",
        "bremsscheibe bremsscheiben remschijf = brake disc",
        "scheibe disque disques disco discos dischi schijf = disc",
        "scheibentemperatur = disc temperature",
        "bremsscheibentemperatur bremstemperatur = brake temperature",
        "temperatur temperatura temperatuur = temperature",
        "rad roue rueda ruota wiel roda = wheel",
        "radgeschwindigkeit raddrehzahl = wheel speed",
        "pedale pedaal = pedal",
        "pedalweg = pedal travel",
        "pedalkraft = pedal force",
        "course recorrido corsa slag = travel",
        "kraft fuerza forza kracht forca = force",
        "breitengrad latitud latitudine latitude breedtegraad = latitude",
        "langengrad longitud longitudine lengtegraad = longitude",
        "hohe altitud altitudine hoogte = altitude",
        "zeit zeitstempel temps tiempo tempo tijd = time",
        "moteur motore = engine",
        "vent viento vento = wind",
    };

    private static final Map<String, String> ENGLISH = english();

    private HeaderWords() {}

    private static Map<String, String> english() {
        Map<String, String> all = new HashMap<>();
        for (String line : WORDS) {
            String[] sides = line.split(" = ");
            for (String word : sides[0].split(" ")) {
                all.put(word, sides[1]);
            }
        }
        return Map.copyOf(all);
    }

    /** "Pression frein avant" as the set of its words: pressure, brake, front. */
    public static Set<String> of(String header) {
        Set<String> words = new HashSet<>();
        String apart = header.replaceAll("(?<=\\p{Ll})(?=\\p{Lu})", " ");
        for (String word : plain(apart).split("[^\\p{L}\\p{N}]+")) {
            words.addAll(Arrays.asList(ENGLISH.getOrDefault(word, word).split(" ")));
        }
        return words;
    }

    /** Without accents, in small letters. */
    public static String plain(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFD)
                .replaceAll("\\p{M}+", "")
                .toLowerCase(Locale.ROOT)
                .replace("ß", "ss");
    }

    /** Whether a header names the time axis of a log. */
    public static boolean isTime(String header) {
        return "time".equals(ENGLISH.get(plain(header).strip()));
    }
}
