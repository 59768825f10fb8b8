package cufflink.directions;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * A piece's name as people vary it: "the strip", "strips", "card strip" and "Strip" are one, "front mat" and "back mat"
 * are two, and "the mat" is either.
 */
public record PieceName(Set<String> words, String head) {
    /** Words of colour and material, which tell the paper, and such as say nothing. */
    private static final Set<String> PAPER = Set.of("a", "an", "the", "your", "its", "of", "for", "each", "piece",
            "pieces", "card", "cardstock", "paper", "patterned", "plain", "printed", "red", "blue", "green", "yellow",
            "white", "black", "grey", "gray", "cream", "navy", "pink", "gold", "silver", "brown", "purple", "orange",
            "ivory", "dark", "light", "matching", "vellum", "kraft", "cut", "main", "1", "on", "onto", "in", "into",
            "with");

    /** "Navy cardstock" is called "the navy". */
    private static final String GENERIC = "\\b(the|a|an|your|card|cardstock|paper|piece)\\b";

    /** What stands behind these tells where a piece goes: the head of "mat for the front" is the mat. */
    private static final Set<String> JOINING = Set.of("for", "on", "onto", "in", "inside", "into", "behind", "with",
            "under", "over");

    /** The name that a text gives. */
    public static PieceName of(String text) {
        Set<String> words = new LinkedHashSet<>();
        String head = "";
        boolean isHead = true;
        for (String word : List.of(text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{Nd}]+"))) {
            isHead &= head.isEmpty() || !JOINING.contains(word);
            if (!word.isEmpty() && !PAPER.contains(word)) {
                // A second number tells as much as the first: "panel 2 mat 2" is not "panel 2 mat".
                words.add(words.contains(word) && isNumber(word) ? word + "+" : singular(word));
                head = isHead && !isNumber(word) ? singular(word) : head;
            }
        }
        if (words.isEmpty()) {
            head = text.toLowerCase(Locale.ROOT).replaceAll(GENERIC, "").strip();
            words.add(head.isEmpty() ? text.toLowerCase(Locale.ROOT).strip() : head);
            head = head.isEmpty() ? text.toLowerCase(Locale.ROOT).strip() : head;
        }
        return new PieceName(words, head);
    }

    private static boolean isNumber(String word) {
        return word.chars().allMatch(Character::isDigit);
    }

    private static String singular(String word) {
        return word.length() > 3 && word.endsWith("s") && !word.endsWith("ss") ? word.substring(0, word.length() - 1)
                : word;
    }

    /** Whether it may mean that piece: says nothing that the other does not. */
    public boolean means(PieceName piece) {
        return piece.words.containsAll(words);
    }

    /** Whether both say the same. */
    public boolean isSame(PieceName other) {
        return words.equals(other.words);
    }

    /** Whether many pieces of a card are called so. */
    public boolean isCommon() {
        return words.size() == 1 && Set.of("mat", "layer", "panel", "strip", "square", "insert", "tag", "pocket",
                "triangle", "band", "tab").contains(head);
    }
}
