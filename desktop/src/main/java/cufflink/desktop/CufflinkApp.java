package cufflink.desktop;

import atlantafx.base.theme.PrimerLight;
import cufflink.desktop.demo.DemoProjects;
import cufflink.desktop.store.ProjectStore;
import cufflink.files.CufflinkFonts;
import cufflink.files.design.DesignLibrary;
import cufflink.plan.Project;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.layout.Pane;
import javafx.scene.text.Font;
import javafx.stage.Stage;

/**
 * The application. Arguments: {@code --demo} starts with the demo data in a folder of its own; {@code --data=DIR} keeps projects there;
 * {@code --shot=FILE} with {@code --view=NAME} saves a picture of a view and ends; {@code --time} prints when the first window is shown and ends.
 */
public final class CufflinkApp extends Application {
    private Screens screens;
    private ProjectStore store;

    public static void main(String[] arguments) {
        launch(CufflinkApp.class, arguments);
    }

    @Override
    public void start(Stage stage) {
        setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheetBSS());
        loadFonts();
        boolean demo = getParameters().getUnnamed().contains("--demo");
        Scene scene = new Scene(new Pane(), 1280, 800);
        scene.getStylesheets().add(CufflinkApp.class.getResource("/cufflink/desktop/cufflink.css").toExternalForm());
        Path data = Optional.ofNullable(getParameters().getNamed().get("data")).map(Path::of).orElseGet(() -> demo ? demoFolder() : ProjectStore.usualFolder());
        DesignLibrary library = DesignLibrary.with(data.resolve("designs"));
        store = new ProjectStore(data, library, text -> screens.saveFailed(text));
        if (demo) {
            fill(store);
        }
        screens = new Screens(stage, scene, store, library);
        stage.setScene(scene);
        stage.setMinWidth(1024);
        stage.setMinHeight(640);
        if (!screens.recover()) {
            screens.shelf("");
        }
        stage.show();
        afterShowing(stage, scene);
    }

    private void afterShowing(Stage stage, Scene scene) {
        if (getParameters().getUnnamed().contains("--time")) {
            Platform.runLater(Platform::exit);
        }
        Optional.ofNullable(getParameters().getNamed().get("shot")).ifPresent(shot ->
                new ScreenShot(screens, store, scene).take(Optional.ofNullable(getParameters().getNamed().get("view")).orElse("shelf"), Path.of(shot)));
    }

    /** The screens, for tests that drive the window. */
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

    private static void fill(ProjectStore store) {
        List<Project> projects = DemoProjects.all();
        try {
            for (Project project : projects) {
                store.write(project, store.newFile(project.name()));
            }
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }

    @Override
    public void stop() {
        screens.end();
    }
}
