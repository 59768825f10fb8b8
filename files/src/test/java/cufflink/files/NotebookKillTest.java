package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.files.backup.DataBackup;
import cufflink.files.database.MakersDatabase;
import cufflink.files.notebook.NotebookDatabase;
import cufflink.notebook.Figure;
import cufflink.notebook.Learned;
import cufflink.notebook.Make;
import cufflink.notebook.StepNote;
import cufflink.plan.Phase;
import java.io.BufferedReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What the notebook said it has is there, whenever the program is killed. In full: {@code -Dcufflink.kills=50}. */
class NotebookKillTest {
    private static final int ROUNDS = Integer.getInteger("cufflink.kills", 2);
    private static final String FILE = "stash.db";

    @TempDir
    private Path data;
    private final Random random = new Random(7);

    /** Puts makes into a notebook, one after the other, and says which are there. */
    static final class Writer {
        private Writer() {
        }

        public static void main(String[] arguments) throws Exception {
            try (NotebookDatabase notebook = NotebookDatabase.open(Path.of(arguments[0]).resolve(FILE),
                    Clock.systemUTC())) {
                for (int i = 0;; i++) {
                    System.out.println(notebook.add(make(i)).id());
                    System.out.flush();
                }
            }
        }
    }

    /** Each with as much in it as its number says. */
    private static Make make(int number) {
        int many = number % 20;
        return new Make(0, Instant.parse("2026-11-27T12:00:00Z").plusSeconds(number), "Make " + number, "Half fold", 1,
                "{}", IntStream.range(0, many).mapToObj(i -> new Figure("Measure " + i, i + " in")).toList(),
                new Learned(Map.of(Phase.CUT, Duration.ofSeconds(many)),
                        IntStream.range(0, many).mapToObj(i -> new StepNote(i, "Step", "Wrong " + i)).toList(),
                        List.of(), List.of(), List.of(), "Notes ".repeat(many)));
    }

    private static void isWhole(Make make) {
        int number = Integer.parseInt(make.name().substring("Make ".length()));
        assertEquals(make(number).numbered(make.id()), make);
    }

    private Process writer() throws IOException {
        String java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
        return new ProcessBuilder(
                List.of(java, "-cp", System.getProperty("java.class.path"), Writer.class.getName(), data.toString()))
                .redirectError(ProcessBuilder.Redirect.DISCARD).start();
    }

    private List<Make> makes(Path folder) throws Exception {
        try (NotebookDatabase notebook = NotebookDatabase.open(folder.resolve(FILE), Clock.systemUTC())) {
            return notebook.makes().orThrow();
        }
    }

    @Test
    void whatIsThere_staysThere_andNothingIsHalfThere() throws Exception {
        List<Long> told = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            Process process = writer();
            try (BufferedReader lines = process.inputReader()) {
                told.add(Long.valueOf(lines.readLine()));
                long end = System.nanoTime() + (long) (random.nextDouble() * 700_000_000L);
                while (System.nanoTime() < end) {
                    told.add(Long.valueOf(lines.readLine()));
                }
                // Not destroyed by way of the process: that would close what it had still said.
                new ProcessBuilder("kill", "-9", String.valueOf(process.pid())).start().waitFor();
                lines.lines().filter(line -> line.matches("\\d+")).map(Long::valueOf).forEach(told::add);
            }
            process.waitFor();
            MakersDatabase.inspect(data.resolve(FILE));
            List<Make> there = makes(data);
            there.forEach(NotebookKillTest::isWhole);
            // The last line that it said may have been cut in two.
            List<Long> certain = told.subList(0, told.size() - 1);
            assertTrue(there.stream().map(Make::id).collect(Collectors.toSet()).containsAll(certain),
                    "round " + round + ": " + certain.size() + " were told, " + there.size() + " are there");
        }
    }

    /** A backup of a notebook that is being written to is whole in itself. */
    @Test
    void backupInTheMiddleOfTheWork_isWhole(@TempDir Path elsewhere) throws Exception {
        Process process = writer();
        try (BufferedReader lines = process.inputReader()) {
            long last = Long.parseLong(lines.readLine());
            for (int i = 0; i < 3; i++) {
                Path kept = elsewhere.resolve(i + ".zip");
                new DataBackup(data, Clock.systemUTC()).write(kept).orThrow();
                Path restored = Files.createDirectories(elsewhere.resolve("data" + i));
                new DataBackup(restored, Clock.systemUTC()).restore(kept).orThrow();
                List<Make> there = makes(restored);
                there.forEach(NotebookKillTest::isWhole);
                assertTrue(there.size() >= last, there.size() + " of " + last);
                last = Long.parseLong(lines.readLine());
            }
        } finally {
            process.destroyForcibly().waitFor();
        }
    }
}
