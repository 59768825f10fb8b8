package cufflink.cli;

import cufflink.files.AtomicFile;
import cufflink.files.DataFolder;
import cufflink.files.database.DatabaseUnusable;
import cufflink.files.handout.ClassSheet;
import cufflink.files.handout.LabelPages;
import cufflink.files.handout.PackingHandOut;
import cufflink.files.notebook.NotebookDatabase;
import cufflink.files.packing.Evenings;
import cufflink.files.packing.KitLabels;
import cufflink.files.packing.NamesTable;
import cufflink.files.packing.PackingJson;
import cufflink.job.JobPlan;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthUnit;
import cufflink.notebook.Make;
import cufflink.packing.EveningPlan;
import cufflink.packing.KitCost;
import cufflink.packing.PackItem;
import cufflink.packing.PackWishes;
import cufflink.packing.Packing;
import cufflink.packing.Station;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.CommandWords;
import cufflink.words.PackingWords;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/**
 * Packs a job as kits. Exit status 0: every kit has its papers; 1: some paper is to be bought; 2: it cannot be packed.
 */
@Command(name = "kit", description = "Packs projects as kits: what goes into each, lists to tick, labels.",
        mixinStandardHelpOptions = true)
final class KitCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;
    @Mixin
    private JobOptions job;
    @Option(names = "--kits", paramLabel = "N",
            description = "How many; the copies of the first project if left out, or as many as there are names.")
    private Integer kits;
    @Option(names = "--names", paramLabel = "NAMES.csv",
            description = "For whom each is: a table with a column “name”.")
    private Path names;
    @Option(names = "--scored", description = "Score and punch before packing.")
    private boolean scored;
    @Option(names = "--no-directions", description = "Without the hand-out in each kit.")
    private boolean without;
    @Option(names = "--by", paramLabel = "station|kit", description = "How the list goes along.")
    private String by = "station";
    @Option(names = "--pdf", paramLabel = "FILE", description = "Writes the packing list to tick.")
    private Path pdf;
    @Option(names = "--labels", paramLabel = "FILE", description = "Writes a label for each kit.")
    private Path labels;
    @Option(names = "--class", paramLabel = "FILE",
            description = "Writes a page for participants: what to bring, what to do, in pictures.")
    private Path classSheet;
    @Option(names = "--evening", paramLabel = "MINUTES",
            description = "How long an evening is, to tell how many it takes.")
    private Integer evening;
    @Option(names = "--dry", paramLabel = "MINUTES", description = "How long glue dries; 30 if left out.")
    private int dry = 30;
    @Option(names = "--ready", paramLabel = "DATE", description = "The day to be ready by, such as 2026-12-12.")
    private String ready;
    @Option(names = "--data", paramLabel = "FOLDER", description = "Where the notebook with its times lies.")
    private Path data = DataFolder.usual();
    @Option(names = "--grid", paramLabel = "ROWSxCOLUMNS", description = "Labels on a sheet; 8x3 if left out.")
    private String grid = "8x3";
    @Option(names = "--margins", paramLabel = "LEFT x TOP", description = "From the sheet's edges to the labels.")
    private String margins = "5mm x 12mm";
    @Option(names = "--gaps", paramLabel = "ACROSS x DOWN", description = "Between two labels.")
    private String gaps = "0mm x 0mm";
    @Option(names = "--format", description = "text or json.", defaultValue = "TEXT")
    private Answers.Format format;

    private final List<Problem> problems = new ArrayList<>();

    @Override
    public Integer call() throws IOException {
        Optional<JobPlan> plan = job.plan(problems, spec.commandLine().getErr());
        List<String> called = names();
        if (!by.matches("station|kit")) {
            problems.add(Problem.error("--by", CommandWords.STATION_OR_KIT.of("text", by)));
        }
        day();
        if (evening != null && evening < 1 || dry < 0) {
            problems.add(Problem.error("--evening, --dry", CommandWords.MINUTES.of()));
        }
        if (plan.isEmpty() || !problems.isEmpty()) {
            return Answers.failed(problems, format, spec.commandLine());
        }
        LengthUnit unit = plan.get().job().kits().get(0).project().unit();
        Optional<LabelPages.Sheet> sheet = labels == null ? Optional.empty() : sheet(unit);
        int count = kits != null ? kits : !called.isEmpty() ? called.size() : plan.get().job().kits().get(0).copies();
        Outcome<Packing> packed = Packing.of(plan.get(), new PackWishes(count, scored, called, !without));
        problems.addAll(packed.problems());
        if (packed.value().isEmpty() || !problems.isEmpty()) {
            return Answers.failed(problems, format, spec.commandLine());
        }
        Packing packing = packed.value().get();
        LengthFormat shown = LengthFormat.of(unit);
        if (pdf != null) {
            AtomicFile.write(pdf, PackingHandOut.write(packing, by.equals("kit"), shown, page(unit)));
        }
        if (classSheet != null) {
            AtomicFile.write(classSheet, ClassSheet.write(packing, shown, page(unit)));
        }
        KitCost cost = KitCost.of(packing.plan());
        Optional<EveningPlan> work = evening(packing.plan());
        if (sheet.isPresent()) {
            LabelPages.Printed printed = KitLabels.write(packing, sheet.get());
            AtomicFile.write(labels, printed.pdf());
            if (printed.withoutCode() > 0) {
                spec.commandLine().getErr().println(CommandWords.NO_CODE.of().sentence());
            }
        }
        if (format == Answers.Format.JSON) {
            spec.commandLine().getOut().println(Answers.json(PackingJson.of(packing, cost, work)));
        } else {
            print(packing, shown);
            tell(packing, cost, work);
        }
        return packing.ranges().stream().allMatch(range -> range.inStash()) ? Main.GOOD : Main.BAD_CHECK;
    }

    private Optional<LocalDate> day() {
        try {
            return Optional.ofNullable(ready).map(LocalDate::parse);
        } catch (DateTimeParseException noDay) {
            problems.add(Problem.error("--ready", CommandWords.NO_DAY.of("text", ready)));
            return Optional.empty();
        }
    }

    private static NamedSize page(LengthUnit unit) {
        return PublishedSizes.named(NamedSize.Kind.SHEET, unit == LengthUnit.INCH ? "Letter" : "A4").orElseThrow();
    }

    private List<String> names() {
        if (names == null) {
            return List.of();
        }
        Outcome<List<String>> read = NamesTable.read(names);
        problems.addAll(read.problems());
        return read.value().orElse(List.of());
    }

    private Optional<LabelPages.Sheet> sheet(LengthUnit unit) {
        if (!grid.matches("[1-9]\\d?x[1-9]\\d?")) {
            problems.add(Problem.error("--grid", CommandWords.ROWS_AND_COLUMNS.of("text", grid)));
            return Optional.empty();
        }
        Optional<List<Length>> edges = two("--margins", margins, unit);
        Optional<List<Length>> between = two("--gaps", gaps, unit);
        if (edges.isEmpty() || between.isEmpty()) {
            return Optional.empty();
        }
        String[] counts = grid.split("x");
        LabelPages.Sheet sheet = new LabelPages.Sheet(page(unit), Integer.parseInt(counts[0]),
                Integer.parseInt(counts[1]), edges.get().get(0), edges.get().get(1), between.get().get(0),
                between.get().get(1));
        if (sheet.width() < 20 || sheet.height() < 10) {
            problems.add(Problem.error("--grid", PackingWords.LABEL_TOO_SMALL.of("size",
                    Math.round(sheet.width()) + " × " + Math.round(sheet.height()) + " mm")));
            return Optional.empty();
        }
        return Optional.of(sheet);
    }

    private Optional<List<Length>> two(String option, String typed, LengthUnit unit) {
        Optional<List<Length>> read = LengthParser.readSize(typed, unit).value()
                .filter(sides -> sides.size() == 2 && sides.stream().noneMatch(Length::isNegative));
        if (read.isEmpty()) {
            problems.add(Problem.error(option, CommandWords.TWO_DISTANCES.of("text", typed)));
        }
        return read;
    }

    private void print(Packing packing, LengthFormat shown) {
        PrintWriter out = spec.commandLine().getOut();
        int count = packing.wishes().kits();
        packing.substitutions().forEach(other -> out.println(other.sentence()));
        if (by.equals("kit")) {
            for (int kit = 1; kit <= count; kit++) {
                int its = kit;
                out.println("Kit " + kit + (packing.name(kit).isEmpty() ? "" : ", " + packing.name(kit)));
                packing.items().forEach(item -> out.println("  " + item.perKit() + " × " + item.text(shown)
                        + packing.paper(item, its).map(paper -> ", " + paper).orElse("")));
            }
            return;
        }
        for (Station station : Station.values()) {
            List<PackItem> items = packing.items().stream().filter(item -> item.station() == station).toList();
            if (!items.isEmpty()) {
                out.println(station.title());
                items.forEach(item -> out.println("  " + item.text(shown) + ": " + item.perKit() + " in each kit, "
                        + item.perKit() * count + " in all"
                        + (item.paper().isEmpty() ? "" : ", " + packing.called(item.paper()))
                        + "; after kit " + Math.max(1, count / 2) + " there must be "
                        + item.left(count, Math.max(1, count / 2)) + " left"));
            }
        }
    }

    /** From the notebook's own times; nothing where none of the designs was timed. */
    private Optional<EveningPlan> evening(JobPlan plan) {
        if (evening == null && ready == null) {
            return Optional.empty();
        }
        try (NotebookDatabase notebook = NotebookDatabase.open(data.resolve("stash.db"), Clock.systemUTC())) {
            List<Make> makes = notebook.makes().value().orElseThrow();
            return Evenings.of(plan, makes, dry * 60.0);
        } catch (DatabaseUnusable fault) {
            spec.commandLine().getErr().println(fault.getMessage());
            return Optional.empty();
        }
    }

    private void tell(Packing packing, KitCost cost, Optional<EveningPlan> work) {
        PrintWriter out = spec.commandLine().getOut();
        out.println(cost.said(packing.wishes().kits()).sentence());
        if (work.isPresent()) {
            work.get().blocks().forEach(block -> out.println(Evenings.line(block)));
            out.println(Evenings.said(work.get(), evening == null ? Evenings.USUAL : evening,
                    day()));
        } else if (evening != null || ready != null) {
            out.println(PackingWords.NOT_TIMED.of().sentence() + " " + PackingWords.NOT_TIMED.of().remedy());
        }
    }
}
