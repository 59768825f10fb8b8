package cufflink.stash;

import cufflink.measure.Length;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthUnit;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.Message;
import cufflink.words.SupplyWords;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads an offcut typed in one line: a paper of the stash, or the beginning of its name, then the size, then how many:
 * {@code moonlight 5 1/2 x 7 *2}.
 */
public final class OffcutLine {
    private static final Pattern TIMES = Pattern.compile("^(.*?)(?:\\s*[*]\\s*(\\d{1,3}))?$");
    private static final int MOST = 200;

    /** A way of dividing the line into a name and a size. */
    private record Division(String name, Length width, Length height) {
    }

    private OffcutLine() {
    }

    /** The offcut, new to the stash, or what is wrong with the line. */
    public static Outcome<StashPaper> read(String line, Stash stash, LengthUnit unit) {
        Matcher times = TIMES.matcher(line.strip());
        if (line.length() > MOST || !times.matches()) {
            return failed(SupplyWords.LINE_TOO_LONG.of());
        }
        int count = times.group(2) == null ? 1 : Integer.parseInt(times.group(2));
        if (count == 0) {
            return failed(SupplyWords.NONE_TO_ADD.of());
        }
        List<Division> divisions = divisions(times.group(1).strip(), unit);
        if (divisions.isEmpty()) {
            return failed(SupplyWords.PAPER_THEN_SIZE.of("example",
                    example(stash) + (unit == LengthUnit.INCH ? " 5 1/2 x 7" : " 140 x 180")));
        }
        List<Division> wholeNamesFirst = divisions.stream()
                .sorted(Comparator.comparing(division -> stash.named(division.name()).isEmpty())).toList();
        return wholeNamesFirst.stream()
                .flatMap(division -> paper(division, stash)
                        .map(paper -> paper.offcut(division.width(), division.height(), count)).stream())
                .findFirst().map(Outcome::of)
                .orElseGet(() -> failed(SupplyWords.NO_SUCH_PAPER.of("name", divisions.get(0).name())));
    }

    private static String example(Stash stash) {
        return stash.papers().stream().findFirst().map(StashPaper::name).orElse("Moonlight 240")
                .toLowerCase(Locale.ROOT);
    }

    /** The paper of that name, or the first one whose name begins so; sheets rather than offcuts. */
    private static Optional<StashPaper> paper(Division division, Stash stash) {
        String typed = division.name().toLowerCase(Locale.ROOT);
        return stash.papers().stream()
                .filter(paper -> paper.name().toLowerCase(Locale.ROOT).startsWith(typed) && !typed.isEmpty())
                .min(Comparator.comparing((StashPaper paper) -> !paper.name().equalsIgnoreCase(typed))
                        .thenComparing(StashPaper::offcut));
    }

    /** The longest size first, but see {@link #read}: a number at the end of a whole name is not taken for the size. */
    private static List<Division> divisions(String text, LengthUnit unit) {
        String[] words = text.split("\\s+");
        List<Division> divisions = new ArrayList<>();
        for (int from = 1; from < words.length; from++) {
            String name = String.join(" ", Arrays.copyOfRange(words, 0, from));
            String size = String.join(" ", Arrays.copyOfRange(words, from, words.length));
            LengthParser.readSize(size, unit).value()
                    .filter(sides -> sides.size() == 2 && sides.stream().allMatch(Length::isPositive))
                    .ifPresent(sides -> divisions.add(new Division(name, sides.get(0), sides.get(1))));
        }
        return divisions;
    }

    private static Outcome<StashPaper> failed(Message message) {
        return Outcome.failed(Problem.error("", message));
    }
}
