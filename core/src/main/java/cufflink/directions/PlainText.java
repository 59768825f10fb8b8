package cufflink.directions;

import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/**
 * A text without what says nothing: bullets, numbers of steps, marks of headings, signs that cannot be seen. Each is
 * replaced by as many spaces, so that every place in it is the same place in the text as typed.
 */
final class PlainText {
    private static final Pattern BULLET = Pattern.compile(
            "(?m)^[ \\t]*(?:[-*•·–—▪◦‣>]+[ \\t]+|\\[[ xX]?\\][ \\t]+|step[ \\t]+\\d{1,3}[.:)]?[ \\t]+|\\d{1,3}[.)][ \\t]+"
                    + "|\\d{1,2}:\\d\\d[ \\t]+"
                    + "|[a-zA-Z][.)][ \\t]+)+",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern MARKDOWN = Pattern.compile("(?m)^#{1,6}[ \\t]|\\*\\*|__|`|\\.{3,}|…+");
    /** Behind these a stop ends no sentence. */
    private static final Pattern SHORTENED = Pattern.compile("(?i)(?<=\\b(?:sq|approx|ca|pcs|pc|qty|sc))\\."
            + "|(?<=\\bs)\\.(?=[ \\t]*\\d)");
    /** Two who write to one another, a letter before each line; at least one of them asks. */
    private static final Pattern SPEAKER = Pattern.compile("(?m)^[ \\t]*[A-Z]:(?=[ \\t])");
    private static final Pattern ASKING = Pattern.compile("(?m)^[ \\t]*[A-Z]:[ \\t].*\\?[ \\t]*$");
    /** Between cells that stand under one another. */
    private static final Pattern GAP = Pattern.compile("(?<=[^ .!?;:,\\n]) {2,}(?=[^ \\n])");
    private static final String WIDE_GAP = " ".repeat(3);
    private static final int FEWEST_GAPS = 2;
    /** "8.5x5.5", "(x2)": a letter that stands for times. */
    private static final Pattern TIMES = Pattern
            .compile("(?<=^|[^\\p{L}]|[\\d ](?:mm|cm|in))[xX](?=[ \\t]*[\\d.½¼¾⅐-⅞])");
    /** The first line of a table whose cells a sign parts: no number, three cells, one of them a size. */
    private static final String TABLE_HEAD = "(?mi)^(?=[^\\n\\d]*\\b(?:size|width|height|length)\\b)"
            + "[^%1$s\\n\\d]+(?:%1$s[^%1$s\\n\\d]+){2,}$";
    private static final Map<Character, Pattern> TABLE_HEADS = Map.of(',', Pattern.compile(TABLE_HEAD.formatted(",")),
            ';', Pattern.compile(TABLE_HEAD.formatted(";")));
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
        barred(text, ',');
        barred(text, ';');
        String apart = lists.replaceAll(list -> list.group().replace(',', '&'));
        String plain = blanked(MARKDOWN, blanked(BULLET, TIMES.matcher(apart).replaceAll("×")));
        String said = ASKING.matcher(plain).find() ? blanked(SPEAKER, plain) : plain;
        return inColumns(blanked(SHORTENED, said));
    }

    /** Bars in the gaps of lines that have two of them. */
    private static String inColumns(String text) {
        StringBuilder columns = new StringBuilder(text.length());
        for (int from = 0; from < text.length();) {
            int end = text.indexOf('\n', from) + 1;
            String line = text.substring(from, end > 0 ? end : text.length());
            boolean cells = line.strip().contains(WIDE_GAP) && line.indexOf('|') < 0 && line.indexOf('\t') < 0
                    && GAP.matcher(line).results().limit(FEWEST_GAPS).count() == FEWEST_GAPS;
            columns.append(cells ? GAP.matcher(line).replaceAll(gap -> "|" + " ".repeat(gap.group().length() - 1))
                    : line);
            from += line.length();
        }
        return columns.toString();
    }

    /** The signs between the cells of a table become bars, down to the first line that has not as many. */
    private static void barred(StringBuilder text, char sign) {
        Matcher head = TABLE_HEADS.get(sign).matcher(text);
        if (!head.find()) {
            return;
        }
        long cells = separators(head.group(), sign);
        int from = head.start();
        while (from < text.length()) {
            int end = text.indexOf("\n", from);
            end = end < 0 ? text.length() : end;
            if (separators(text.substring(from, end), sign) != cells) {
                return;
            }
            for (int i = from; i < end; i++) {
                text.setCharAt(i, isSeparator(text, i, sign) ? '|' : text.charAt(i));
            }
            from = end + 1;
        }
    }

    private static long separators(String line, char sign) {
        return IntStream.range(0, line.length()).filter(i -> isSeparator(line, i, sign)).count();
    }

    /** A comma between figures belongs to a number. */
    private static boolean isSeparator(CharSequence line, int at, char sign) {
        return line.charAt(at) == sign && !(at > 0 && at + 1 < line.length() && Character.isDigit(line.charAt(at - 1))
                && Character.isDigit(line.charAt(at + 1)));
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
