package cufflink.desktop;

import atlantafx.base.theme.PrimerLight;
import cufflink.desktop.demo.DemoJobs;
import cufflink.desktop.demo.DemoProjects;
import cufflink.desktop.demo.DemoStash;
import cufflink.desktop.store.ProjectStore;
import cufflink.desktop.work.StashWork;
import cufflink.files.CufflinkFonts;
import cufflink.files.design.DesignLibrary;
import cufflink.files.project.KeptJob;
import cufflink.files.stash.StashDatabase;
import cufflink.files.stash.StashUnusable;
import cufflink.plan.Project;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.scene.text.Font;
import javafx.stage.Stage;

/**
 * The application. Arguments: {@code --demo} starts with the demo data in a folder of its own; {@code --data=DIR} keeps projects there;
 * {@code --shot=FILE} with {@code --view=NAME} saves a picture of a view and ends; {@code --width=N --height=N} size the window; {@code --time}
 * ends as soon as the first window is shown, {@code --time-shelf} as soon as the shelf is.
 */
public final class CufflinkApp extends Application {
    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;

    private final CompletableFuture<DesignLibrary> library = new CompletableFuture<>();
    private Screens screens;
    private ProjectStore store;
    private StashWork stash;

    public static void main(String[] arguments) {
        launch(CufflinkApp.class, arguments);
    }

    private boolean isDemo() {
        return getParameters().getUnnamed().contains("--demo");
    }

    /** Reads the designs while the window is being made. */
    @Override
    public void init() {
        Path data = Optional.ofNullable(getParameters().getNamed().get("data")).map(Path::of).orElseGet(() -> isDemo() ? demoFolder() : ProjectStore.usualFolder());
        Thread reader = new Thread(() -> {
            DesignLibrary read = DesignLibrary.with(data.resolve("designs"));
            store = new ProjectStore(data, read, text -> screens.saveFailed(text));
            stash = openStash(data.resolve("stash.db"));
            if (isDemo()) {
                fill(store);
                stash.change(DemoStash.filled());
                stash.say("");
            }
            library.complete(read);
        }, "design reader");
        reader.setDaemon(true);
        reader.start();
    }

    /** Shows the window at once, and the shelf in it when the designs are read. */
    @Override
    public void start(Stage stage) {
        setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheetBSS());
        loadFonts();
        Label setting = new Label("Cufflink");
        setting.getStyleClass().add("setting-out");
        Scene scene = new Scene(new StackPane(setting), size("width", WIDTH), size("height", HEIGHT));
        scene.getStylesheets().add(CufflinkApp.class.getResource("/cufflink/desktop/cufflink.css").toExternalForm());
        stage.setTitle("Cufflink");
        stage.setScene(scene);
        stage.setMinWidth(1024);
        stage.setMinHeight(640);
        stage.show();
        if (getParameters().getUnnamed().contains("--time")) {
            Platform.runLater(Platform::exit);
            return;
        }
        library.thenAccept(read -> Platform.runLater(() -> open(stage, scene, read)));
    }

    private double size(String name, double usual) {
        return Optional.ofNullable(getParameters().getNamed().get(name)).filter(text -> text.matches("\\d{3,4}")).map(Double::valueOf).orElse(usual);
    }

    private void open(Stage stage, Scene scene, DesignLibrary read) {
        screens = new Screens(stage, scene, store, stash, read);
        if (!screens.recover()) {
            screens.shelf("");
        }
        if (getParameters().getUnnamed().contains("--time-shelf")) {
            Platform.runLater(Platform::exit);
        }
        Optional.ofNullable(getParameters().getNamed().get("shot")).ifPresent(shot ->
                new ScreenShot(screens, store, scene).take(Optional.ofNullable(getParameters().getNamed().get("view")).orElse("shelf"), Path.of(shot)));
    }

    /** The screens, for tests that drive the window; null until the designs are read. */
    Screens screens() {
        return screens;
    }

    static void loadFonts() {
        for (CufflinkFonts face : CufflinkFonts.values()) {
            try (InputStream file = face.open()) {
                Font.loadFont(file, 12);
            } catch (IOException fault) {
                throw new UncheckedIOException(fault);
            }
        }
    }

    private static Path demoFolder() {
        try {
            return Files.createTempDirectory("cufflink-demo");
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }

    private static StashWork openStash(Path file) {
        try {
            return StashWork.of(StashDatabase.open(file, Clock.systemUTC()));
        } catch (StashUnusable refused) {
            return StashWork.unusable(refused.getMessage());
        }
    }

    private static void fill(ProjectStore store) {
        List<Project> projects = DemoProjects.all();
        try {
            for (Project project : projects) {
                store.write(project, store.newFile(project.name()));
            }
            for (KeptJob job : DemoJobs.all()) {
                store.jobs().write(job, store.jobs().newFile(job.name()));
            }
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }

    @Override
    public void stop() {
        if (screens != null) {
            screens.end();
        }
    }
}
