package cufflink.directions;

import cufflink.directions.Phrase.Kind;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The words before a size, whatever they are, that name what has the size: "outer fold", "tier 2", "mat for the front".
 */
final class NounPhrase {
    private static final Set<String> ARTICLES = Set.of("a", "an", "the", "your", "its", "my", "our", "each", "this");
    /** Words that name nothing. */
    private static final Set<String> NO_NAME = Set.of("then", "also", "you", "i", "we", "and", "so", "it", "next",
            "now",
            "one", "will", "that", "which", "okay", "ok", "please", "all", "both", "again", "finally", "first", "just",
            "should", "must", "have", "has", "be", "them", "these", "those", "at", "half", "size", "another", "other",
            "got", "had", "going", "here", "there", "who", "used", "some");
    /** "That's", "it's": what has the size stands before it; "I've", "we'll" begin something else. */
    private static final String POINTING = "(that|it|this|which|here|there|these|those|they|what)['’](s|re)";
    private static final String CLIPPED = ".*['’](ve|re|ll|d|m)|" + POINTING;
    private static final Set<String> JOINING = Set.of("for", "on", "onto", "in", "inside", "behind", "over", "under",
            "of");
    private static final int LONGEST = 6;

    private NounPhrase() {
    }

    /**
     * Where the name of what a part of a clause gives a size to stands; absent where nothing stands before it that can
     * be one.
     */
    static Optional<Span> before(List<Phrase> body, int size) {
        int first = size;
        int last = -1;
        boolean named = false;
        boolean pointed = false;
        int from = subject(body, size);
        for (int i = from - 1; i >= 0 && from - i <= LONGEST + 2; i--) {
            Phrase phrase = body.get(i);
            pointed |= last < 0 && isPointing(body, i);
            if (last < 0 && (isFiller(phrase) || isPointing(body, i) || pointed && isBetween(phrase))) {
                continue;
            }
            if (last < 0 && isOfPaper(body, i)) {
                continue;
            }
            if (last >= 0 && phrase.is(Kind.RELATION, "from")
                    && body.subList(first, last + 1).stream().noneMatch(word -> word.is(Kind.NAME))) {
                first = size; // "base from Midnight"
                last = -1;
                named = false;
                continue;
            }
            if (joins(body, i) && last >= 0) {
                first = i == 0 ? 0 : first;
                continue;
            }
            if (!isPart(body, i, size) || last < 0 && isPaper(body, i)) {
                break;
            }
            first = i;
            last = last < 0 ? i : last;
            named |= (!phrase.is(Kind.MATERIAL) || isDescribed(phrase)) && !phrase.is(Kind.LENGTH)
                    && !phrase.is(Kind.WORD, "piece", "pieces", "pcs", "copies");
        }
        return named ? Optional.of(body.get(first).span().through(body.get(last).span()))
                : Optional.empty();
    }

    /** "The insert that slides in the pocket is": what is said in between names something else. */
    private static int subject(List<Phrase> body, int size) {
        boolean is = size > 2 && body.get(size - 1).is(Kind.RELATION, "is", "are", "measures", "measure", "measuring");
        for (int i = size - 2; is && i > 0; i--) {
            boolean opens = body.get(i).is(Kind.REFERENCE, "that") || body.get(i).is(Kind.WORD, "which", "that");
            boolean known = body.get(i - 1).is(Kind.NAME)
                    || i > 1 && body.get(i - 1).is(Kind.WORD) && ARTICLES.contains(body.get(i - 2).detail());
            if (opens && known) {
                return i;
            }
        }
        int place = size - 1; // "both mats, front and inside, are"
        while (is && place > 1 && (body.get(place - 1).is(Kind.MARK, ",", "and", "&")
                || body.get(place - 1).is(Kind.WORD, "front", "inside", "back", "outside"))) {
            place--;
        }
        return is && place < size - 1 && body.get(place - 1).is(Kind.NAME) ? place : size;
    }

    /** "That's", "it is", "which measures": they point at what was named before. */
    private static boolean isPointing(List<Phrase> body, int index) {
        Phrase phrase = body.get(index);
        return phrase.is(Kind.WORD) && phrase.detail().matches(POINTING)
                || (phrase.is(Kind.REFERENCE, "it", "that", "this") || phrase.is(Kind.WORD, "which"))
                        && index + 1 < body.size()
                        && body.get(index + 1).is(Kind.RELATION, "is", "are", "measures", "measure", "measuring");
    }

    /** "Our base here, and that's": between a name and what points at it. */
    private static boolean isBetween(Phrase phrase) {
        return phrase.is(Kind.MARK) || phrase.is(Kind.WORD, "here", "so", "now", "piece", "a", "one");
    }

    /** "Strips of heavy card": of what they are is no part of the name. */
    private static boolean isOfPaper(List<Phrase> body, int index) {
        int of = index;
        while (of >= 0 && index - of < LONGEST && body.get(of).is(Kind.WORD)) {
            of--;
        }
        int paper = index;
        while (paper < body.size() && paper - index < LONGEST && body.get(paper).is(Kind.WORD)) {
            paper++;
        }
        return of >= 0 && of < index && body.get(of).is(Kind.RELATION, "of") && paper < body.size()
                && body.get(paper).is(Kind.MATERIAL);
    }

    /** Between a name and its size: "is", a comma. */
    private static boolean isFiller(Phrase phrase) {
        return phrase.is(Kind.COUNT) || phrase.is(Kind.MARK, ",", "(", "-", "–", "—", "=")
                || phrase.is(Kind.RELATION, "is", "are", "measures", "measure", "measuring", "at", "of", "to")
                || phrase.is(Kind.MATERIAL) && !isDescribed(phrase)
                || phrase.is(Kind.WORD, "must", "should", "will", "be", "to", "has", "gets", "needs", "really",
                        "exactly",
                        "actually", "only", "just", "still");
    }

    /** "Star paper" says of what it is; "thank-you card" is a name. */
    private static boolean isPaper(List<Phrase> body, int index) {
        return body.get(index).is(Kind.WORD) && !body.get(index).is(Kind.WORD, "front", "inside", "back", "outside")
                && index + 1 < body.size() && body.get(index + 1).is(Kind.MATERIAL)
                && !body.get(index + 1).detail().endsWith("card");
    }

    /** "Small card" is a name, "blue card" a material. */
    private static boolean isDescribed(Phrase material) {
        return material.detail()
                .matches("(inner|outer|upper|lower|large|small|first|second|last|main|gift|big|little) .*");
    }

    /** "For the" inside a name; what stands before it must be part of the name, too. */
    private static boolean joins(List<Phrase> body, int index) {
        Phrase phrase = body.get(index);
        boolean article = phrase.is(Kind.WORD) && ARTICLES.contains(phrase.detail());
        int at = article ? index - 1 : index;
        boolean opens = at == 0 && body.get(0).is(Kind.RELATION, "behind", "under", "over");
        return opens || at > 0 && (body.get(at).is(Kind.RELATION) || body.get(at).is(Kind.WORD))
                && JOINING.contains(body.get(at).detail()) && isPart(body, at - 1, body.size());
    }

    private static boolean isPart(List<Phrase> body, int index, int size) {
        Phrase phrase = body.get(index);
        return switch (phrase.kind()) {
            case NAME, MATERIAL, EDGE, QUOTED -> true;
            case WORD -> !(phrase.detail().matches("bits|pieces|pcs|copies") && index + 1 < body.size()
                    && body.get(index + 1).is(Kind.RELATION, "of")) && !ARTICLES.contains(phrase.detail())
                    && !NO_NAME.contains(phrase.detail()) && !phrase.detail().matches(CLIPPED)
                    && phrase.detail().chars().anyMatch(Character::isLetter);
            case FOLD, SCORE, SLIT, PUNCH, CREASE -> index > 0 && isPart(body, index - 1, size)
                    && !phrase.detail().endsWith("ed");
            case SHARE -> phrase.detail().matches("(the )?(middle|centre|center)");
            case LENGTH -> index > 0 && phrase.amounts().get(0).plain()
                    && (body.get(index - 1).is(Kind.NAME)
                            || body.get(index - 1).is(Kind.WORD) && !body.get(index + 1).is(Kind.NAME))
                    && isPart(body, index - 1, size); // but "bring one pocket" counts
            default -> false;
        };
    }
}
