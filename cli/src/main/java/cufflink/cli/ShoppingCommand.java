package cufflink.cli;

import cufflink.files.DataFolder;
import cufflink.files.database.DatabaseUnusable;
import cufflink.files.stash.ShoppingFile;
import cufflink.files.stash.StashDatabase;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import cufflink.problem.Problem;
import cufflink.stash.Availability;
import cufflink.stash.Availability.Purchase;
import cufflink.words.CommandWords;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** What is to be bought. Exit status 0: nothing is short; 1: something is; 2: the stash cannot be read. */
@Command(name = "shopping", description = "What is to be bought for what is set aside, and to have enough of all.",
        mixinStandardHelpOptions = true)
final class ShoppingCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;
    @Option(names = "--out", paramLabel = "FILE", description = "A .pdf, .csv or .txt in place of the terminal.")
    private Path out;
    @Option(names = "--unit", paramLabel = "in|mm", description = "The unit that is shown.")
    private String unit = "in";
    @Option(names = "--data", paramLabel = "FOLDER", description = "The data folder; the usual one if left out.")
    private Path data = DataFolder.usual();
    @Option(names = "--format", description = "text or json.", defaultValue = "TEXT")
    private Answers.Format format;

    @Override
    public Integer call() throws IOException {
        if (!unit.matches("in|mm")) {
            return Answers.failed(List.of(Problem.error("--unit", CommandWords.NO_UNIT.of("text", unit))), format,
                    spec.commandLine());
        }
        List<Purchase> purchases;
        try (StashDatabase stash = StashDatabase.open(data.resolve("stash.db"), Clock.systemUTC())) {
            purchases = Availability.toBuy(stash.stash());
        } catch (DatabaseUnusable fault) {
            return Answers.failed(List.of(Problem.error("", fault.why())), format, spec.commandLine());
        }
        LengthFormat shown = LengthFormat.of(unit.equals("mm") ? LengthUnit.MILLIMETRE : LengthUnit.INCH);
        if (out != null) {
            ShoppingFile.write(purchases, shown, PublishedSizes
                    .named(NamedSize.Kind.SHEET, unit.equals("mm") ? "A4" : "Letter").orElseThrow(), out);
        } else if (format == Answers.Format.JSON) {
            spec.commandLine().getOut().println(Answers.json(ShoppingFile.json(purchases)));
        } else {
            spec.commandLine().getOut().print(purchases.isEmpty() ? CommandWords.NOTHING_SHORT.of().sentence() + "\n"
                    : ShoppingFile.text(purchases, shown));
            spec.commandLine().getOut().flush();
        }
        return purchases.isEmpty() ? Main.GOOD : Main.BAD_CHECK;
    }
}
