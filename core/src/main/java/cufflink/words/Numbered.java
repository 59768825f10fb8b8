package cufflink.words;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Names that only a number tells apart, told together. */
public final class Numbered {
    /** A number that counts, not that of a layer. */
    private static final Pattern NUMBER = Pattern.compile("(?<!layer) (\\d{1,4})(?= |,|$)");

    /** A number that ends the first words: not that of {@code upper half of square 2}. */
    private static final Pattern COUNTED = Pattern
            .compile("^(?:(?! of )[\\p{L}' -])+?" + NUMBER.pattern());

    private Numbered() {
    }

    /** Without the number that tells it from others: {@code sleeve · front} of {@code sleeve 2 · front}. */
    public static String without(String name) {
        return NUMBER.matcher(name).replaceFirst("");
    }

    /**
     * The names in their order; those that are numbered one after the other as {@code cell 1 to 4}, two as
     * {@code cell 1 and 2}.
     */
    public static List<String> runs(List<String> names) {
        List<String> runs = new ArrayList<>();
        for (int i = 0; i < names.size(); i++) {
            int last = i;
            while (last + 1 < names.size() && follows(names.get(last), names.get(last + 1))) {
                last++;
            }
            Matcher first = NUMBER.matcher(names.get(i));
            Matcher end = NUMBER.matcher(names.get(last));
            runs.add(last > i && first.find() && end.find()
                    ? names.get(i).substring(0, first.end()) + (last == i + 1 ? " and " : " to ") + end.group(1)
                            + names.get(i).substring(first.end())
                    : names.get(i));
            i = last;
        }
        return runs;
    }

    /** The same in a sentence: what has no number of its own has its article. */
    public static List<String> runsWithArticles(List<String> names) {
        return runs(names).stream().map(Numbered::withArticle).toList();
    }

    /** {@code the base}, but {@code step 1}: what a number tells apart has no article. */
    public static String withArticle(String name) {
        return isCounted(name) ? name : "the " + name;
    }

    /** Whether a name is told apart by the number that ends it, or that ends its first words. */
    static boolean isCounted(String name) {
        return COUNTED.matcher(name).find();
    }

    private static boolean follows(String one, String next) {
        Matcher first = NUMBER.matcher(one);
        Matcher second = NUMBER.matcher(next);
        return first.find() && second.find() && without(one).equals(without(next))
                && first.start() == second.start()
                && Integer.parseInt(second.group(1)) == Integer.parseInt(first.group(1)) + 1;
    }
}
