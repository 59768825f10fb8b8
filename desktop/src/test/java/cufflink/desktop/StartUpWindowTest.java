package cufflink.desktop;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.desktop.control.Fractions;
import cufflink.files.design.BuiltInDesigns;
import cufflink.files.stash.StashDatabase;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import cufflink.paper.Stock;
import cufflink.stash.StashChange;
import cufflink.stash.StashEdit;
import cufflink.stash.StashPaper;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.time.Clock;
import java.util.concurrent.TimeoutException;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;

/** The window comes up with what can be read, and says what could not, where it lies and that it was left as it is. */
class StartUpWindowTest extends WindowDriver {
    private void again() throws TimeoutException {
        FxToolkit.cleanupApplication(app);
        launch();
    }

    private String message() throws TimeoutException {
        waitFor(() -> robot.lookup("#message").lookup(".message").tryQuery().isPresent());
        return robot.lookup("#message").lookup(".message").<Fractions>query().getAccessibleText();
    }

    @Test
    void oddValueInTheStash_isNamed_andTheRestIsShown() throws Exception {
        FxToolkit.cleanupApplication(app);
        Path file = data.resolve("stash.db");
        NamedSize letter = PublishedSizes.named(NamedSize.Kind.SHEET, "Letter").orElseThrow();
        try (StashDatabase database = StashDatabase.open(file, Clock.systemUTC())) {
            database.apply(
                    StashChange.of("Added", StashEdit.added(StashPaper.sheets(Stock.plain("Odd", letter, 200), 1)),
                            StashEdit.added(StashPaper.sheets(Stock.plain("Even", letter, 200), 2))));
        }
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = connection.createStatement()) {
            statement.executeUpdate("update paper set grain = 'sideways' where name = 'Odd'");
        }
        launch();
        assertTrue(message().contains("sideways") && message().contains("stash.db"), message());
        robot.interact(() -> app.screens().stash());
        assertEquals(1, robot.lookup(".stash-card").queryAll().size());
    }

    @Test
    void designsThatCannotBeMade_standOnTheShelfWithTheirReason() throws Exception {
        Path designs = Files.createDirectories(data.resolve("designs"));
        Path bowTie = Files.writeString(designs.resolve("bow-tie.yaml"), BuiltInDesigns.text("half-fold")
                .replace("id: half-fold", "id: bow-tie")
                .replaceFirst("(?m)^    scores:",
                        "    cutOuts:\n      - {id: hole, polygon: [[10 mm, 10 mm], [30 mm, 30 mm], [30 mm, 10 mm], "
                                + "[10 mm, 30 mm]]}\n    scores:"));
        Path broken = Files.writeString(designs.resolve("broken.yaml"), "id: [");
        byte[] before = Files.readAllBytes(bowTie);
        again();
        waitFor(() -> robot.lookup(".shelf-refused").queryAll().size() == 2);
        assertTrue(robot.lookup(".shelf-refused").lookup(".shelf-card-title").queryAllAs(Labeled.class).stream()
                .anyMatch(title -> title.getText().contains("bow-tie.yaml")));
        assertArrayEquals(before, Files.readAllBytes(bowTie));
        assertEquals("id: [", Files.readString(broken));
        waitFor(() -> robot.lookup(".shelf-card").queryAll().stream().filter(Button.class::isInstance)
                .count() == BuiltInDesigns.all().size());
    }

    @Test
    void damagedProjectsAndJobs_areLeftAsTheyAre() throws Exception {
        Files.writeString(Files.createDirectories(data.resolve("projects")).resolve("torn.json"),
                "{\"cufflinkProject\": 1,");
        Files.writeString(Files.createDirectories(data.resolve("jobs")).resolve("torn.json"), "[]");
        Files.writeString(data.resolve("open-project"), "projects/torn.json");
        again();
        assertTrue(message().contains("torn.json") && message().contains("as they were"), message());
        assertEquals("[]", Files.readString(data.resolve("jobs").resolve("torn.json")));
        assertEquals("{\"cufflinkProject\": 1,", Files.readString(data.resolve("projects").resolve("torn.json")));
    }
}
