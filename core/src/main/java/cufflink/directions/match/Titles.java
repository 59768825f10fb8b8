package cufflink.directions.match;

import cufflink.design.DesignDefinition;
import cufflink.directions.PieceName;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** What the titles of designs say for a text. */
final class Titles {
    /** Designs that may share the word by which they are known: an accordion, an accordion with a band. */
    private static final int MOST_ALIKE = 2;

    /** For each word that titles end in, "accordion" and "tent", how many do. */
    private final Map<String, Long> kinds;
    /** Words that few titles have before their "with", and no piece. */
    private final Set<String> rare;
    /** Words of pieces; they tell no design. */
    private final Set<String> pieces;

    Titles(Collection<DesignDefinition> designs) {
        kinds = designs.stream().map(design -> kind(design.head().title()))
                .collect(Collectors.groupingBy(Function.identity(), Collectors.counting()));
        pieces = designs.stream().flatMap(design -> design.pieces().stream())
                .flatMap(piece -> piece.what().label().fixed().stream()
                        .flatMap(label -> PieceName.of(label).words().stream()))
                .collect(Collectors.toUnmodifiableSet());
        rare = designs.stream().flatMap(design -> words(head(design.head().title())).stream().distinct())
                .collect(Collectors.groupingBy(Function.identity(), Collectors.counting())).entrySet().stream()
                .filter(word -> word.getValue() <= MOST_ALIKE && !pieces.contains(word.getKey())).map(Map.Entry::getKey)
                .collect(Collectors.toUnmodifiableSet());
    }

    /**
     * 1 if the text has the title, and a little more for a longer one; half if it has its words; a little more for the
     * word that few designs are known by.
     */
    double share(String text, String title) {
        List<String> words = words(title);
        String said = " " + String.join(" ", words(text)) + " ";
        if (said.contains(" " + String.join(" ", words) + " ")) {
            // "Insert" is the name of many a piece.
            return words.size() == 1 && pieces.contains(words.get(0)) ? 0.1 : 1 + 0.05 * words.size();
        }
        boolean there = words.size() > 1 && words.stream().allMatch(word -> said.contains(" " + word));
        String kind = kind(title);
        boolean known = kinds.get(kind) <= MOST_ALIKE && !pieces.contains(kind) && said.contains(" " + kind);
        List<String> heading = words(text.strip().lines().findFirst().orElse(""));
        boolean headed = words(head(title)).stream().anyMatch(word -> heading.contains(word) && rare.contains(word));
        return there ? 0.5 : known || headed ? 0.6 : 0;
    }

    /** The last word of what stands before "with" or "in". */
    private static String kind(String title) {
        List<String> words = words(head(title));
        return words.get(words.size() - 1);
    }

    private static String head(String title) {
        return title.replaceFirst(" (with|in) .*", "");
    }

    private static List<String> words(String text) {
        return List.of(text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{Nd}]+"));
    }
}
