package cufflink.directions;

import cufflink.directions.Phrase.Kind;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.stream.IntStream;

/** Which sizes of a clause are pieces, which sheets; and the parts of it that are about one piece each. */
final class CutParts {
    private static final String WHICH = "(first|second|third|fourth|last|front|back|inside|outside|left|right|top|bottom"
            + "|upper|lower|inner|outer)";
    private final List<Phrase> body;
    /** "Pages: 4 sheets, 11 x 5 in": what stands before the colon is what they are. */
    private final boolean named;
    /** Where each phrase stands: a list may be long. */
    private final IdentityHashMap<Phrase, Integer> places = new IdentityHashMap<>();

    CutParts(Clause clause) {
        this.body = clause.body();
        this.named = !clause.label().isEmpty() && !clause.isVerbLabel();
        IntStream.range(0, body.size()).forEach(i -> places.put(body.get(i), i));
    }

    /** The body in parts of one piece each, cut at the last comma or "and" before a further size. */
    List<List<Phrase>> parts() {
        List<List<Phrase>> parts = new ArrayList<>();
        List<Phrase> part = new ArrayList<>();
        boolean sized = false;
        for (Phrase phrase : body) {
            boolean another = phrase.is(Kind.SIZE) && !isSheet(phrase);
            if (another && sized && !isInOtherUnit(part, phrase)) {
                int cut = lastMark(part);
                if (cut > 0) {
                    parts.add(new ArrayList<>(part.subList(0, cut)));
                    part = new ArrayList<>(part.subList(cut + 1, part.size()));
                }
            }
            sized |= another;
            part.add(phrase);
        }
        parts.add(part);
        return parts;
    }

    /** "11 x 4 in / 279 x 102 mm": the same size once more. */
    private static boolean isInOtherUnit(List<Phrase> part, Phrase size) {
        int last = part.size() - 1;
        boolean behind = last > 0 && part.get(last).is(Kind.MARK, "/", "=", "or") && part.get(last - 1).is(Kind.SIZE);
        return behind && size.unit().isPresent() && part.get(last - 1).unit().isPresent()
                && !size.unit().equals(part.get(last - 1).unit());
    }

    /** "The second and third panel", "front and back mats": one size for two. */
    static boolean joinsTwo(List<Phrase> body, int at) {
        return at > 0 && at + 1 < body.size() && body.get(at).is(Kind.MARK, "and", "&", "+")
                && body.get(at - 1).detail().matches(WHICH) && body.get(at + 1).detail().matches(WHICH + "( .*)?");
    }

    private static int lastMark(List<Phrase> part) {
        int size = -1;
        for (int i = 0; i < part.size(); i++) {
            size = part.get(i).is(Kind.SIZE) ? i : size;
        }
        int found = -1;
        for (int i = part.size() - 1; i > size && size >= 0; i--) {
            if (joinsTwo(part, i)) {
                continue;
            }
            if (part.get(i).is(Kind.MARK, ",", "and", "&", "+", "plus", "|", "-", "–", "—", "/")
                    || part.get(i).is(Kind.RELATION, "with")) {
                // A comma right before the next size stands behind that one's name: "and a liner, 6 by 4".
                if (i < part.size() - 1) {
                    return i;
                }
                found = i;
            }
        }
        return found;
    }

    /** A size is that of a sheet behind "from" or "a sheet of", and before "sheet" or "cut in half". */
    boolean isSheet(Phrase size) {
        int at = places.get(size);
        if (at + 1 < body.size() && body.get(at + 1).is(Kind.SHEET, "sheet", "sheets", "sheet of")) {
            return true;
        }
        for (int i = at - 1; i >= 0; i--) {
            Phrase phrase = body.get(i);
            if (phrase.is(Kind.SHEET)) {
                boolean half = body.subList(0, i).stream()
                        .anyMatch(one -> one.is(Kind.SHARE) && one.detail().contains("half"));
                boolean listed = i == 0 && SheetWords.isNamedSize(phrase); // "A5 card, 210 x 148 mm" in a list
                return (phrase.detail().startsWith("sheet") || SheetWords.isPaperSize(phrase)) && !half && !listed
                        && !(named && phrase.detail().equals("sheets"));
            }
            if (phrase.is(Kind.SIZE) && i == at - 2 && body.get(at - 1).is(Kind.MARK, "(")) {
                return isSheet(phrase); // the same in the other unit
            }
            if (phrase.is(Kind.RELATION, "from", "out")) {
                boolean itself = at + 1 < body.size() && body.get(at + 1).is(Kind.NAME)
                        && body.stream().filter(other -> other.is(Kind.SIZE)).count() == 1
                        && body.get(0).is(Kind.NEED); // "make it from an 11 x 4 strip"
                return !itself;
            }
            if (phrase.is(Kind.SHARE)) {
                return !phrase.detail().matches("(the )?(middle|centre|center)") && !Attributes.isNumberOfParts(phrase);
            }
            if (!phrase.is(Kind.MATERIAL) && !phrase.is(Kind.RELATION, "of") && !phrase.is(Kind.WORD, "a", "an", "the")
                    && !phrase.is(Kind.MARK, ",", "(")) {
                return false;
            }
        }
        return false;
    }
}
