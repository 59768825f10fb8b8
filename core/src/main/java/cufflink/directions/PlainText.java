package cufflink.directions;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A text without what says nothing: bullets, numbers of steps, marks of headings, signs that cannot be seen. Each is
 * replaced by as many spaces, so that every place in it is the same place in the text as typed.
 */
final class PlainText {
    private static final Pattern BULLET = Pattern.compile(
            "(?m)^[ \\t]*(?:[-*•·–—▪◦‣>]+[ \\t]+|\\[[ xX]?\\][ \\t]+|step[ \\t]+\\d{1,3}[.:)]?[ \\t]+|\\d{1,3}[.)][ \\t]+"
                    + "|[a-zA-Z][.)][ \\t]+)+",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern MARKDOWN = Pattern.compile("(?m)^#{1,6}[ \\t]|\\*\\*|__|`");
    /** "8.5x5.5", "(x2)": a letter that stands for times. */
    private static final Pattern TIMES = Pattern
            .compile("(?<=^|[^\\p{L}]|[\\d ](?:mm|cm|in))[xX](?=[ \\t]*[\\d.½¼¾⅐-⅞])");
    private static final Pattern METRIC = Pattern.compile("\\d[ \\t]*(?:mm|cm)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern COMMA_LIST = Pattern.compile("\\d+,\\d+(?:,\\d+)+");
    private static final Pattern COMMA = Pattern.compile("(?<=\\d),(?=\\d)");

    private PlainText() {
    }

    static String of(String typed) {
        StringBuilder text = new StringBuilder(typed.length());
        for (int i = 0; i < typed.length(); i++) {
            text.append(seen(typed.charAt(i)));
        }
        Matcher lists = (METRIC.matcher(text).find() ? COMMA_LIST : COMMA).matcher(text);
        String apart = lists.replaceAll(list -> list.group().replace(',', '&'));
        return blanked(MARKDOWN, blanked(BULLET, TIMES.matcher(apart).replaceAll("×")));
    }

    /** Half of a pair stands for itself, what cannot be seen or turns the direction of writing for a space. */
    private static char seen(char sign) {
        if (sign == '\n' || sign == '\t') {
            return sign;
        }
        boolean hidden = Character.isISOControl(sign) || Character.getType(sign) == Character.FORMAT
                || Character.getType(sign) == Character.UNASSIGNED || Character.getType(sign) == Character.PRIVATE_USE;
        return hidden ? ' ' : Character.isSurrogate(sign) ? '\uFFFD' : sign;
    }

    private static String blanked(Pattern what, String text) {
        return what.matcher(text).replaceAll(found -> " ".repeat(found.group().length()));
    }
}
