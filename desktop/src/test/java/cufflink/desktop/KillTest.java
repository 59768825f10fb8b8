package cufflink.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.files.design.DesignLibrary;
import cufflink.files.project.ProjectReader;
import cufflink.files.stash.StashDatabase;
import cufflink.files.database.DatabaseUnusable;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthUnit;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import cufflink.paper.Stock;
import cufflink.plan.Planner;
import cufflink.stash.StashChange;
import cufflink.stash.StashEdit;
import cufflink.stash.StashPaper;
import java.io.BufferedReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A program that is killed loses nothing that was shown for a while. In full: {@code -Dcufflink.kills=50}. */
class KillTest {
    private static final int ROUNDS = Integer.getInteger("cufflink.kills", 2);
    /** Millimetres between what is typed and the nearest sixteenth of an inch, at most. */
    private static final double OFF_THE_RULER = 0.8;
    /** Nanoseconds after which what is shown must be saved. */
    private static final long SAVED_AFTER = 1_500_000_000L;

    @TempDir
    private Path data;
    private final Random random = new Random(4);

    private record Shown(String text, long at) {
        String typed() {
            return text.substring(0, text.indexOf('|'));
        }
    }

    private Process start(Class<?> program, String argument) throws IOException {
        String java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
        return new ProcessBuilder(List.of(java, "-Dprism.order=sw", "-cp", System.getProperty("java.class.path"),
                program.getName(), argument))
                .redirectError(ProcessBuilder.Redirect.DISCARD).start();
    }

    /** Runs a program to a random moment after it first said something; answers what it said, and when. */
    private List<Shown> runAndKill(Class<?> program, String argument) throws Exception {
        Process process = start(program, argument);
        List<Shown> said = new ArrayList<>();
        long end = Long.MAX_VALUE;
        try (BufferedReader lines = process.inputReader()) {
            while (System.nanoTime() < end) {
                String line = lines.readLine();
                assertTrue(line != null, "the program ended by itself");
                said.add(new Shown(line, System.nanoTime()));
                if (said.size() == 1) {
                    end = System.nanoTime() + 200_000_000L + (long) (random.nextDouble() * 2_500_000_000L);
                }
            }
            // Not destroyed by way of the process: that would close what it had still said.
            new ProcessBuilder("kill", "-9", String.valueOf(process.pid())).start().waitFor();
            lines.lines().forEach(line -> said.add(new Shown(line, System.nanoTime())));
        }
        return said;
    }

    /** In millimetres. */
    private double savedHeight() throws IOException {
        try (Stream<Path> files = Files.list(data.resolve("projects"))) {
            Path file = files.filter(path -> path.toString().endsWith(".json")).findFirst().orElseThrow();
            return Planner.plan(ProjectReader.read(file, DesignLibrary.builtIn()).orThrow()).orThrow().measures()
                    .length("height").toMillimetres();
        }
    }

    @Test
    void window_keepsWhatItShowed() throws Exception {
        for (int round = 0; round < ROUNDS; round++) {
            List<Shown> shown = runAndKill(BusyMaker.class, "--data=" + data);
            long killed = shown.get(shown.size() - 1).at();
            shown.forEach(KillTest::showsWhatWasTyped);
            int old = (int) shown.stream().filter(each -> killed - each.at() > SAVED_AFTER).count();
            List<String> allowed = new ArrayList<>(
                    shown.subList(Math.max(0, old - 1), shown.size()).stream().map(Shown::typed).toList());
            allowed.add(next(shown.get(shown.size() - 1).typed()));
            double saved = savedHeight();
            assertTrue(allowed.stream().anyMatch(typed -> Math.abs(millimetres(typed) - saved) < OFF_THE_RULER),
                    "round " + round + ": saved " + saved + ", not one of " + allowed);
        }
    }

    /** The field shows, on a ruler of sixteenths of an inch, the millimetres that were typed. */
    private static void showsWhatWasTyped(Shown line) {
        String shown = line.text().substring(line.text().indexOf('|') + 1).replace("≈", "").strip();
        assertEquals(millimetres(line.typed()), millimetres(shown), OFF_THE_RULER, line.text());
    }

    private static double millimetres(String text) {
        return LengthParser.read(text, LengthUnit.INCH).value().orElseThrow().toMillimetres();
    }

    /** The edit that may have been made but not yet told of. */
    private static String next(String typed) {
        int shown = Integer.parseInt(typed.replaceAll("\\D", ""));
        return (shown == 180 ? 100 : shown + 1) + " mm";
    }

    /** Counts paper in a stash until it is killed. */
    static final class BusyCounter {
        private BusyCounter() {
        }

        public static void main(String[] arguments) throws DatabaseUnusable {
            StashDatabase database = StashDatabase.open(Path.of(arguments[0]), Clock.systemUTC());
            for (int count = database.stash().papers().get(0).count() + 1;; count++) {
                StashPaper paper = database.stash().papers().get(0);
                database.apply(StashChange.of("Counted", StashEdit.altered(paper, paper.withCount(count))));
                System.out.println("counted " + count);
            }
        }
    }

    @Test
    void stash_keepsEveryChange_andItsHistory() throws Exception {
        Path file = data.resolve("stash.db");
        NamedSize letter = PublishedSizes.named(NamedSize.Kind.SHEET, "Letter").orElseThrow();
        try (StashDatabase database = StashDatabase.open(file, Clock.systemUTC())) {
            database.apply(
                    StashChange.of("Added", StashEdit.added(StashPaper.sheets(Stock.plain("Card", letter, 200), 0))));
        }
        for (int round = 0; round < ROUNDS; round++) {
            List<Shown> said = runAndKill(BusyCounter.class, file.toString());
            int last = Integer.parseInt(said.get(said.size() - 1).text().replaceAll("\\D", ""));
            try (StashDatabase database = StashDatabase.open(file, Clock.systemUTC())) {
                int count = database.stash().papers().get(0).count();
                assertTrue(count == last || count == last + 1,
                        "round " + round + ": " + count + " kept, " + last + " said");
                assertEquals(count + 1, database.history(Integer.MAX_VALUE).size());
            }
        }
    }
}
