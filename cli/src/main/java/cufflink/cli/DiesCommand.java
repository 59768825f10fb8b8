package cufflink.cli;

import cufflink.die.DieShape;
import cufflink.files.DataFolder;
import cufflink.files.database.DatabaseUnusable;
import cufflink.files.stash.StashCsv;
import cufflink.files.stash.StashDatabase;
import cufflink.files.stash.DieJson;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthReading;
import cufflink.measure.LengthUnit;
import cufflink.paper.SheetSize;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.stash.DieChart;
import cufflink.stash.StashItem;
import cufflink.stash.StashPunch;
import cufflink.words.CommandWords;
import cufflink.words.Message;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/**
 * What fits into and round each die and punch. Exit status 0: there are some; 1: there are none; 2: it cannot be read.
 */
@Command(name = "dies", description = "What fits into and round each die and punch of the stash.",
        mixinStandardHelpOptions = true)
final class DiesCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;
    @Parameters(paramLabel = "NAME", arity = "0..1", description = "A part of its name; all if left out.")
    private String name = "";
    @Option(names = "--border", paramLabel = "LENGTH",
            description = "Left all round; 1/8 in or 3 mm if left out.")
    private String border;
    @Option(names = "--holds", paramLabel = "SIZE", description = "Only those in which this fits, with the border.")
    private String holds;
    @Option(names = "--stash", paramLabel = "STASH.csv", description = "A table in place of the stash.")
    private Path table;
    @Option(names = "--unit", paramLabel = "in|mm", description = "The unit that is shown and read.")
    private String unit = "in";
    @Option(names = "--data", paramLabel = "FOLDER", description = "The data folder; the usual one if left out.")
    private Path data = DataFolder.usual();
    @Option(names = "--format", description = "text or json.", defaultValue = "TEXT")
    private Answers.Format format;

    private final List<Problem> problems = new ArrayList<>();

    @Override
    public Integer call() {
        LengthUnit reading = unit.equals("mm") ? LengthUnit.MILLIMETRE : LengthUnit.INCH;
        if (!unit.matches("in|mm")) {
            problems.add(Problem.error("--unit", CommandWords.NO_UNIT.of("text", unit)));
        }
        Length around = border(reading);
        Optional<SheetSize> wanted = holds(reading);
        List<StashPunch> punches = punches(reading);
        if (!problems.isEmpty()) {
            return Answers.failed(problems, format, spec.commandLine());
        }
        List<DieChart.Line> lines = new DieChart(punches, around).lines(name).stream()
                .filter(line -> wanted.isEmpty() || line.punch().die().holds(wanted.get(), around)
                        || line.punch().die().holds(wanted.get().turned(), around))
                .toList();
        if (format == Answers.Format.JSON) {
            spec.commandLine().getOut().println(Answers.json(DieJson.of(lines, around)));
        } else {
            LengthFormat shown = LengthFormat.of(reading);
            lines.forEach(line -> spec.commandLine().getOut().println(text(line, shown)));
            if (lines.isEmpty()) {
                spec.commandLine().getErr().println(CommandWords.NO_DIES.of().sentence());
            }
        }
        return lines.isEmpty() ? Main.BAD_CHECK : Main.GOOD;
    }

    private Length border(LengthUnit reading) {
        if (border == null) {
            return reading == LengthUnit.INCH ? Length.ofInches(1, 8) : Length.ofMillimetres(3);
        }
        LengthReading<Length> read = LengthParser.read(border, reading);
        Optional<Length> length = read.value().filter(found -> !found.isNegative());
        if (length.isEmpty()) {
            problems.add(Problem.error("--border", read.trouble().orElseGet(
                    () -> CommandWords.NOT_LESS_THAN_NOTHING.of("text", border))));
        }
        return length.orElse(Length.ZERO);
    }

    private Optional<SheetSize> holds(LengthUnit reading) {
        if (holds == null) {
            return Optional.empty();
        }
        LengthReading<List<Length>> read = LengthParser.readSize(holds, reading);
        Optional<SheetSize> size = read.value()
                .filter(sides -> sides.size() == 2 && sides.stream().allMatch(Length::isPositive))
                .map(sides -> new SheetSize(sides.get(0), sides.get(1)));
        if (size.isEmpty()) {
            Message why = read.trouble().orElseGet(() -> CommandWords.WIDTH_AND_HEIGHT.of("text", holds));
            problems.add(Problem.error("--holds", why));
        }
        return size;
    }

    private List<StashPunch> punches(LengthUnit reading) {
        if (table != null) {
            Outcome<List<StashItem>> read = StashCsv.read(table, reading);
            problems.addAll(read.problems());
            return read.value().orElse(List.of()).stream().filter(StashPunch.class::isInstance)
                    .map(StashPunch.class::cast).toList();
        }
        try (StashDatabase stash = StashDatabase.open(data.resolve("stash.db"), Clock.systemUTC())) {
            return stash.stash().punches();
        } catch (DatabaseUnusable fault) {
            problems.add(Problem.error("", fault.why()));
            return List.of();
        }
    }

    private static String text(DieChart.Line line, LengthFormat format) {
        StashPunch punch = line.punch();
        StringBuilder text = new StringBuilder(punch.name()).append(": ");
        if (punch.die().shape() != DieShape.UNTOLD) {
            text.append(punch.die().shape().word()).append(", ");
        }
        text.append("cuts ").append(size(punch.cuts(), format));
        line.rectangle().ifPresent(inside -> text.append("; inside ").append(size(inside, format)));
        line.circle().ifPresent(inside -> text.append(" or ").append(format.text(inside)).append(" across"));
        if (punch.die().shape().holdsSomething()) {
            text.append("; round it ").append(size(line.around(), format));
        }
        if (!line.reveals().isEmpty()) {
            text.append("; shows ").append(line.reveals().stream()
                    .map(reveal -> format.text(reveal.sideways()) + " round " + reveal.smaller())
                    .collect(Collectors.joining(", ")));
        }
        return text.toString();
    }

    private static String size(SheetSize size, LengthFormat format) {
        return format.size(size.width(), size.height());
    }
}
