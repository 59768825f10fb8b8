package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.files.database.DatabaseUnusable;
import cufflink.files.design.DesignLibrary;
import cufflink.files.notebook.NotebookDatabase;
import cufflink.files.notebook.NotebookExport;
import cufflink.files.notebook.NotebookJson;
import cufflink.files.notebook.PictureFolder;
import cufflink.files.project.ProjectReader;
import cufflink.files.project.ProjectWriter;
import cufflink.files.stash.StashDatabase;
import cufflink.measure.Length;
import cufflink.notebook.Correction;
import cufflink.notebook.Learned;
import cufflink.notebook.Make;
import cufflink.notebook.Measurement;
import cufflink.notebook.NextTime;
import cufflink.notebook.OfBorder;
import cufflink.notebook.OfMeasure;
import cufflink.notebook.OfPaper;
import cufflink.notebook.OfPart;
import cufflink.notebook.OfStep;
import cufflink.notebook.OfTrimmer;
import cufflink.notebook.Photo;
import cufflink.notebook.StepNote;
import cufflink.paper.PaperRole;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The notebook in its file, its pictures, and what goes out and comes in. */
class NotebookDatabaseTest {
    private static final Instant NOON = Instant.parse("2026-11-27T12:00:00Z");
    private static final Clock CLOCK = Clock.fixed(NOON, ZoneOffset.UTC);

    @TempDir
    private Path folder;
    private NotebookDatabase notebook;
    private PictureFolder pictures;

    @BeforeEach
    void open() throws DatabaseUnusable {
        notebook = NotebookDatabase.open(folder.resolve("stash.db"), CLOCK);
        pictures = new PictureFolder(folder);
    }

    @AfterEach
    void close() throws DatabaseUnusable {
        notebook.close();
    }

    private static Make make(String design, Instant at) {
        Plan plan = Plans.plan(Plans.project(design));
        return Make.of(plan, ProjectWriter.text(plan.project()), at)
                .with(new Learned(Map.of(Phase.CUT, Duration.ofSeconds(605)),
                        List.of(new StepNote(3, "Base at 4 1/4", "It cracked"), new StepNote(0, "", "Too thick")),
                        List.of(Measurement.of(Measurement.What.WIDTH, Length.ofInches(17, 4),
                                Length.ofInches(67, 16)),
                                Measurement.of(Measurement.What.THICKNESS, Length.ofMicrometres(962),
                                        Length.ofMicrometres(1500)),
                                new Measurement(Measurement.What.MEASURE, "Flap", Length.ofInches(2),
                                        Length.ofInches(33, 16))),
                        List.of(), corrections(), "Two lines,\nas typed"));
    }

    /** One of each kind. */
    private static List<Correction> corrections() {
        NextTime next = new NextTime("half-fold", NOON);
        next.add(OfMeasure.by("width", "Width", Length.ofMicrometres(-1500)), "A little narrower");
        next.add(new OfBorder(Length.ofMillimetres(1)), "More border");
        next.add(new OfPart("sleeve", "Sleeve", true), "Without it");
        next.add(new OfStep("fold base 1", "Fold the front over"), "Score it twice");
        next.add(new OfPaper(PaperRole.layer(2), Optional.of(StashDatabaseTest.MOONLIGHT)), "The plain pad");
        next.add(new OfPaper(PaperRole.material("card"), Optional.empty()), "It cracked");
        next.add(new OfTrimmer(Length.ofMicrometres(-400)), "It cuts long");
        return next.corrections();
    }

    /** Everything that can be noted of a make. */
    static Make whole() {
        return with(make("half-fold", NOON), new Photo("0".repeat(64), "jpg", "the front"));
    }

    private static Make with(Make make, Photo photo) {
        return make.with(make.learned().withPhotos(List.of(photo)));
    }

    private Path image(int width, int height, String kind) throws IOException {
        Path file = folder.resolve("picture." + kind);
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), kind, file.toFile());
        return file;
    }

    private static String said(Outcome<?> outcome) {
        return String.join(" ", outcome.problems().stream().map(Problem::text).toList());
    }

    @Test
    void make_comesBackEqual_andItsProjectOpensAgain() throws Exception {
        Photo photo = pictures.keep(image(900, 600, "png"), "the front").value().orElseThrow();
        Make added = notebook.add(with(make("overlapping-gate", NOON), photo));
        assertEquals(added, notebook.find(added.id()).orElseThrow());
        assertEquals(Plans.project("overlapping-gate"),
                ProjectReader.read("make", added.project(), DesignLibrary.builtIn()).orThrow());
        assertTrue(added.figures().size() > 5, added.figures().toString());
    }

    @Test
    void newestStandsFirst_andWhatIsTakenOutComesBack() throws Exception {
        long first = notebook.add(make("half-fold", NOON)).id();
        long second = notebook.add(make("half-fold", NOON.plusSeconds(60))).id();
        assertEquals(List.of(second, first), notebook.makes().orThrow().stream().map(Make::id).toList());
        assertTrue(notebook.remove(second));
        assertFalse(notebook.remove(second));
        assertEquals(List.of(first), notebook.makes().orThrow().stream().map(Make::id).toList());
        assertTrue(notebook.bringBack(second));
        assertFalse(notebook.bringBack(second));
        assertEquals(2, notebook.makes().orThrow().size());
    }

    @Test
    void whatIsNotedWhileMaking_isAMakeOnlyWhenItIsMade() throws Exception {
        Make begun = notebook.keep("comet.json", make("half-fold", NOON));
        Make more = begun.with(begun.learned().with(new StepNote(4, "Glue", "Too wet"))
                .with(Phase.CUT, Duration.ofSeconds(5)));
        notebook.keep("comet.json", more);
        assertEquals(List.of(), notebook.makes().orThrow());
        assertEquals(Optional.empty(), notebook.making("other.json"));
        Make kept = notebook.making("comet.json").orElseThrow();
        assertEquals(more, kept);
        assertEquals(Duration.ofSeconds(610), kept.learned().took().get(Phase.CUT));
        assertTrue(notebook.spent("comet.json", Phase.CUT, Duration.ofSeconds(2)));
        assertTrue(notebook.spent("comet.json", Phase.GLUE, Duration.ofSeconds(3)));
        assertFalse(notebook.spent("other.json", Phase.GLUE, Duration.ofSeconds(3)));
        kept = notebook.making("comet.json").orElseThrow();
        assertEquals(Map.of(Phase.CUT, Duration.ofSeconds(612), Phase.GLUE, Duration.ofSeconds(3)),
                kept.learned().took());
        assertEquals(kept, notebook.finish(kept));
        assertEquals(List.of(kept), notebook.makes().orThrow());
        assertEquals(Optional.empty(), notebook.making("comet.json"));
    }

    @Test
    void corrections_areThoseOfTheDesign_thatWereNotDropped() throws Exception {
        Make added = notebook.add(make("half-fold", NOON));
        assertEquals(corrections(), notebook.corrections("half-fold"));
        assertEquals(List.of(), notebook.corrections("waterfall"));
        String key = corrections().get(0).key();
        assertTrue(notebook.decide(key, Correction.Standing.OWN));
        assertEquals(corrections().get(0).with(Correction.Standing.OWN), notebook.corrections("half-fold").get(0));
        assertTrue(notebook.decide(key, Correction.Standing.DROPPED));
        assertEquals(corrections().subList(1, corrections().size()), notebook.corrections("half-fold"));
        assertFalse(notebook.decide("nothing", Correction.Standing.OWN));
        notebook.remove(added.id());
        assertEquals(List.of(), notebook.corrections("half-fold"));
    }

    /** Stash and notebook lie in one file, and neither is in the other's way. */
    @Test
    void stashAndNotebook_areOpenTogether() throws Exception {
        try (StashDatabase stash = StashDatabase.open(folder.resolve("stash.db"), CLOCK)) {
            notebook.add(make("half-fold", NOON));
            assertEquals(0, stash.stash().papers().size());
        }
        assertEquals(1, notebook.makes().orThrow().size());
    }

    @Test
    void entryThatCannotBeRead_isNamedAndLeftOut() throws Exception {
        long good = notebook.add(make("half-fold", NOON)).id();
        long bad = notebook.add(make("half-fold", NOON)).id();
        try (Connection raw = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("stash.db"));
                Statement statement = raw.createStatement()) {
            statement.executeUpdate("update make_took set phase = 'nap' where make = " + bad);
        }
        Outcome<List<Make>> read = notebook.makes();
        assertEquals(List.of(good), read.value().orElseThrow().stream().map(Make::id).toList());
        assertTrue(said(read).contains("Make " + bad + " cannot be read"), said(read));
    }

    @Test
    void samePicture_isKeptOnce_withASmallPreview() throws Exception {
        Photo png = pictures.keep(image(900, 600, "png"), "").value().orElseThrow();
        assertEquals(png, pictures.keep(image(900, 600, "png"), "").value().orElseThrow());
        assertEquals("jpg", pictures.keep(image(3000, 10, "jpg"), "").value().orElseThrow().kind());
        BufferedImage preview = ImageIO.read(pictures.preview(png).toFile());
        assertEquals(320, preview.getWidth());
        assertEquals(213, preview.getHeight(), 1);
    }

    @Test
    void whatIsNoPicture_orTooLarge_isRefused() throws IOException {
        assertTrue(said(pictures.keep(Files.writeString(folder.resolve("t.png"), "text"), "")).contains("no picture"));
        assertTrue(said(pictures.keep(image(9, 9, "bmp"), "")).contains("no picture"));
        assertTrue(said(pictures.keep(folder.resolve("none.png"), "")).contains("no picture"));
        assertTrue(said(pictures.keep(folder, "")).contains("no picture"));
        assertTrue(said(pictures.keep(Files.write(folder.resolve("cut.png"),
                Arrays.copyOf(Files.readAllBytes(image(900, 600, "png")), 60)), "")).contains("no picture"));
        assertTrue(said(pictures.keep(bomb(), "")).contains("larger than 100 million pixels"));
        Path heavy = folder.resolve("heavy.png");
        Files.write(heavy, new byte[51_000_000]);
        assertTrue(said(pictures.keep(heavy, "")).contains("larger than 50 MB"));
        assertFalse(Files.exists(folder.resolve("pictures")));
    }

    /** A small file that says it is 60 000 × 60 000 pixels. */
    private Path bomb() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        DataOutputStream out = new DataOutputStream(bytes);
        out.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'});
        ByteArrayOutputStream header = new ByteArrayOutputStream();
        DataOutputStream fields = new DataOutputStream(header);
        fields.write("IHDR".getBytes(StandardCharsets.US_ASCII));
        fields.writeInt(60_000);
        fields.writeInt(60_000);
        fields.write(new byte[] {8, 2, 0, 0, 0});
        out.writeInt(header.size() - 4);
        out.write(header.toByteArray());
        CRC32 sum = new CRC32();
        sum.update(header.toByteArray());
        out.writeInt((int) sum.getValue());
        return Files.write(folder.resolve("bomb.png"), bytes.toByteArray());
    }

    @Test
    void exportedFolder_isReadAgain_withItsPictures() throws Exception {
        Photo photo = pictures.keep(image(90, 60, "png"), "the *front*").value().orElseThrow();
        Make made = notebook.add(with(make("waterfall", NOON), photo));
        NotebookExport export = new NotebookExport(pictures, ZoneOffset.UTC);
        Path out = folder.resolve("out");
        assertEquals("1 make is written to " + out + ".", export.write(List.of(made), out).orThrow().sentence());
        String page = Files.readString(out.resolve("2026-11-27-" + made.id() + "-waterfall.md"));
        assertTrue(page.startsWith("# Waterfall\n") && page.contains("- Step 3, Base at 4 1/4: It cracked\n")
                && page.contains("![the \\*front\\*](pictures/" + photo.file() + ")"), page);
        assertTrue(page.contains("- Closed width: 4 3/16 in, 1/16 in less than the 4 1/4 in that were planned: more"),
                page);
        assertTrue(page.contains("It is 1.56 times as thick as planned"), page);
        Make read = NotebookJson.read(out.resolve("notebook.json")).orThrow().get(0);
        assertEquals(ProjectReader.read("one", made.project(), DesignLibrary.builtIn()).orThrow(),
                ProjectReader.read("two", read.project(), DesignLibrary.builtIn()).orThrow());
        assertEquals(List.of(made.figures(), made.learned(), made.at()),
                List.of(read.figures(), read.learned(), read.at()));
        Path other = Files.createDirectories(folder.resolve("other"));
        NotebookExport elsewhere = new NotebookExport(new PictureFolder(other), ZoneOffset.UTC);
        assertEquals(List.of(photo), elsewhere.bringPictures(read, out.resolve("notebook.json")).orThrow());
        assertTrue(Files.exists(new PictureFolder(other).file(photo)));
        assertTrue(said(export.write(List.of(made), out)).contains("not empty"));
    }

    @Test
    void strangeNotebookFile_isRefusedWithItsPlace() throws IOException {
        Path file = folder.resolve("notebook.json");
        Files.writeString(file, "{\"cufflinkNotebook\": 1, \"makes\": [{\"at\": \"yesterday\"}]}");
        assertTrue(NotebookJson.read(file).value().isEmpty());
        String whole = NotebookJson.of(List.of(whole())).toString();
        Files.writeString(file, whole);
        assertEquals(List.of(whole()), NotebookJson.read(file).orThrow().stream()
                .map(make -> new Make(0, make.at(), make.name(), make.design(), make.copies(), whole().project(),
                        make.figures(), make.learned()))
                .toList());
        for (String wrong : List.of("\"cut\":605|\"cut\":\"long\"", "\"cut\":605|\"nap\":605", "\"cut\":605|\"cut\":-1",
                "\"thickness\"|\"width\"", "\"jpg\"|\"exe\"", "\"copies\":1|\"copies\":0",
                "\"of\":\"border\"|\"of\":\"moon\"", "\"standing\":\"offered\"|\"standing\":\"asleep\"",
                "\"change\":\"-1.5 mm\"|\"change\":\"-much\"", "\"by\":\"1 mm\"|\"by\":\"1 ell\"")) {
            String[] change = wrong.split("\\|");
            assertTrue(whole.contains(change[0]), change[0]);
            Files.writeString(file, whole.replace(change[0], change[1]));
            assertTrue(NotebookJson.read(file).value().isEmpty(), wrong);
        }
        Files.writeString(file, "{\"cufflinkNotebook\": 9, \"makes\": []}");
        assertTrue(said(NotebookJson.read(file)).contains("newer"), said(NotebookJson.read(file)));
        Files.writeString(file, "[");
        assertTrue(NotebookJson.read(file).value().isEmpty());
    }
}
