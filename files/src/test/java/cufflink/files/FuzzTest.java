package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import cufflink.design.DesignDefinition;
import cufflink.design.Measure;
import cufflink.files.design.BuiltInDesigns;
import cufflink.files.design.DesignFileReader;
import cufflink.files.design.DesignLibrary;
import cufflink.files.layout.CutJobReader;
import cufflink.files.plan.FoldText;
import cufflink.files.plan.PlanText;
import cufflink.files.project.JobFile;
import cufflink.files.project.ProjectReader;
import cufflink.files.project.ProjectWriter;
import cufflink.files.stash.StashCsv;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.paper.GrainRule;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.stash.Stash;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Files and numbers from strangers: bytes, lines and values changed at random. Everything is answered or refused in
 * words, nothing is thrown, nothing is written. In full: {@code -Dcufflink.fuzz=4000}; the slowest answer of each kind
 * is reported.
 */
class FuzzTest {
    private static final int ROUNDS = Integer.getInteger("cufflink.fuzz", 150);
    private static final String[] VALUES = {"0", "-1", "1e9", "99999999999999999999", "NaN", "null", "true", "[]", "{}",
        "\"\"", "'", "\"", "=1+1", "1/0", "½", "−3 mm", "4 1/4 in", "999999 mm",
        "\u0000", "\uFEFF", "ö", "sqrt(-1)", "1 mm * 1 mm", "if 1 then", "{i}", "&a", "*a", "---", "#", ":", ","};

    @TempDir
    private Path folder;
    private final Random random = new Random(11);

    private String mutated(String text) {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        List<String> lines = new ArrayList<>(Arrays.asList(text.split("\n", -1)));
        int line = random.nextInt(lines.size());
        switch (random.nextInt(6)) {
            case 0 -> {
                bytes[random.nextInt(bytes.length)] = (byte) random.nextInt(256);
                return new String(bytes, StandardCharsets.ISO_8859_1);
            }
            case 1 -> lines.remove(line);
            case 2 -> lines.add(line, lines.get(random.nextInt(lines.size())));
            case 3 -> lines.set(line, lines.get(line).replaceFirst("[0-9.]+",
                    VALUES[random.nextInt(VALUES.length)].replace("\\", "").replace("$", "")));
            case 4 -> lines.set(line,
                    lines.get(line).replaceFirst("(: ?|, )[^,}\\]]*", "$1" + VALUES[random.nextInt(VALUES.length)]));
            default -> {
                return text.substring(0, random.nextInt(text.length()));
            }
        }
        return String.join("\n", lines);
    }

    /** Feeds mutations to a reader, and reports the slowest. */
    private void feed(String kind, List<String> texts, Function<String, Outcome<?>> reader) {
        long slowest = 0;
        int taken = 0;
        for (int round = 0; round < ROUNDS; round++) {
            String text = mutated(texts.get(random.nextInt(texts.size())));
            long start = System.nanoTime();
            Outcome<?> outcome = reader.apply(text);
            slowest = Math.max(slowest, System.nanoTime() - start);
            taken += outcome.value().isPresent() ? 1 : 0;
            assertEquals(List.of(), outcome.problems().stream().filter(problem -> problem.fault().isPresent()).toList(),
                    text);
            assertFalse(
                    outcome.problems().stream().anyMatch(
                            problem -> problem.text().contains("Exception") || problem.text().contains("java.")),
                    outcome.problems().toString());
        }
        System.out.println(
                kind + ": " + ROUNDS + " read, " + taken + " accepted, the slowest in " + slowest / 1_000_000 + " ms");
    }

    private Path written(String name, String text) {
        try {
            return Files.writeString(folder.resolve(name), text);
        } catch (IOException fault) {
            throw new IllegalStateException(fault);
        }
    }

    @Test
    void designs() {
        feed("designs", BuiltInDesigns.all().stream().map(design -> BuiltInDesigns.text(design.id())).toList(),
                text -> DesignFileReader.read("fuzz.yaml", text));
    }

    @Test
    void projects() throws IOException {
        DesignLibrary library = DesignLibrary.builtIn();
        List<String> texts = BuiltInDesigns.all().stream()
                .map(design -> ProjectWriter.text(Project.of(design, RulerStep.SIXTEENTH_INCH).withCopies(3))).toList();
        feed("projects", texts, text -> {
            Path file = written("fuzz.json", text);
            Outcome<Plan> plan = ProjectReader.read(file, library).then(Planner::plan);
            plan.value().ifPresent(PlanText::of);
            return plan;
        });
        byte[] last = Files.readAllBytes(folder.resolve("fuzz.json"));
        ProjectReader.read(folder.resolve("fuzz.json"), library);
        assertArrayEquals(last, Files.readAllBytes(folder.resolve("fuzz.json")));
    }

    @Test
    void jobs() {
        feed("jobs", List.of(JobFile.text(JobFileTest.halfCut())), text -> JobFile.read(written("job.json", text)));
    }

    @Test
    void stashTables() {
        String table = StashCsv.write(new Stash(
                List.of(StashDatabaseTest.SHEETS.withId(1), StashDatabaseTest.SHEETS.withCount(2).withId(2))));
        feed("stash tables", List.of(table), text -> StashCsv.read(written("stash.csv", text), LengthUnit.INCH));
    }

    @Test
    void cuttingTables() {
        Path stock = written("stock.csv",
                "id,material,width,height,count,offcut,direction\nletter,card,8 1/2,11,,no,no\n");
        feed("cutting tables", List
                .of("id,quantity,width,height,material,direction\nfront,4,4 1/4,5 1/2,card,no\nband,2,11,2,card,yes\n"),
                text -> CutJobReader.read(written("pieces.csv", text), stock, 2, GrainRule.PREFER, Optional.empty()));
    }

    /** Numbers that a maker might type into any measure of any design. */
    @Test
    void measures() {
        String[] typed = {"0", "-1 in", "1/64", "3", "97 mm", "1000 in", "0.0001 mm", "12", "1e9", "90°", "abc", ""};
        long slowest = 0;
        for (int round = 0; round < ROUNDS; round++) {
            DesignDefinition design = BuiltInDesigns.all().get(random.nextInt(BuiltInDesigns.all().size()));
            Project project = Project.of(design,
                    random.nextBoolean() ? RulerStep.SIXTEENTH_INCH : RulerStep.MILLIMETRE);
            for (int i = 0; i <= random.nextInt(3); i++) {
                Measure measure = design.measures().get(random.nextInt(design.measures().size()));
                project = project.withSet(measure.name(), typed[random.nextInt(typed.length)]);
            }
            long start = System.nanoTime();
            Outcome<Plan> plan = Planner.plan(project);
            plan.value().ifPresent(found -> FoldText.of(found, false));
            slowest = Math.max(slowest, System.nanoTime() - start);
            assertEquals(List.of(), plan.problems().stream().filter(problem -> problem.fault().isPresent()).toList(),
                    design.id() + " " + project.set());
        }
        System.out.println("measures: " + ROUNDS + " planned, the slowest in " + slowest / 1_000_000 + " ms");
    }
}
