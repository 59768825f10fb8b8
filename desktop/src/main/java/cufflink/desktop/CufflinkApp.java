package cufflink.desktop;

import atlantafx.base.theme.PrimerLight;
import cufflink.desktop.store.Background;
import cufflink.files.FolderOwner;
import cufflink.desktop.store.ShelfKeep;
import cufflink.desktop.view.NoticeScreen;
import cufflink.desktop.view.ShelfCards;
import cufflink.desktop.view.ShelfFace;
import cufflink.desktop.work.Reports;
import cufflink.desktop.work.ShelfWork;
import cufflink.files.CufflinkFonts;
import cufflink.files.DataFolder;
import cufflink.files.FaultReport;
import cufflink.files.FileTrouble;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.scene.text.Font;
import javafx.stage.Stage;

/**
 * The application. Arguments: {@code --demo} starts with the demo data in a folder of its own; {@code --data=DIR} keeps
 * projects there; {@code --width=N --height=N} size the window; {@code --time} ends as soon as the first window is
 * shown, {@code --time-shelf} as soon as the shelf is.
 */
public final class CufflinkApp extends Application {
    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;

    private final CompletableFuture<Optional<StartUp.Things>> reading = new CompletableFuture<>();
    private final ShelfCards cards = new ShelfCards();
    private CompletableFuture<Optional<ShelfWork.Shelf>> lastShelf;
    private Optional<Consumer<Screens>> wish = Optional.empty();
    private Stage stage;
    private Screens screens;
    private Path data;
    private Reports reports;
    private Optional<FolderOwner> owner = Optional.empty();

    public static void main(String[] arguments) {
        launch(CufflinkApp.class, arguments);
    }

    private boolean isDemo() {
        return getParameters().getUnnamed().contains("--demo");
    }

    /** Reads the maker's things while the window is being made. */
    @Override
    public void init() {
        data = Optional.ofNullable(getParameters().getNamed().get("data")).map(Path::of)
                .orElseGet(() -> isDemo() ? demoFolder() : DataFolder.usual());
        reports = new Reports(FaultReport.in(data));
        lastShelf = CompletableFuture.supplyAsync(() -> ShelfKeep.last(data), Background.thread("last shelf"))
                .exceptionally(fault -> Optional.empty());
        read(reading);
    }

    private void read(CompletableFuture<Optional<StartUp.Things>> done) {
        Thread reader = new Thread(() -> {
            try {
                done.complete(new StartUp(data, reports, text -> screens.saveFailed(text)).read(isDemo(),
                        owned -> owned(owned)));
            } catch (InterruptedException | RuntimeException | Error fault) {
                done.completeExceptionally(fault);
            }
        }, "reader");
        reader.setDaemon(true);
        reader.start();
    }

    /** Shows the window at once, and the shelf in it when the maker's things are read. */
    @Override
    public void start(Stage stage) {
        setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheetBSS());
        loadFonts();
        Scene scene = new Scene(firstSight(), size("width", WIDTH), size("height", HEIGHT));
        scene.getStylesheets().add(CufflinkApp.class.getResource("/cufflink/desktop/cufflink.css").toExternalForm());
        stage.setTitle("Cufflink");
        stage.setScene(scene);
        stage.setMinWidth(1024);
        stage.setMinHeight(640);
        stage.show();
        scene.getRoot().requestFocus();
        if (getParameters().getUnnamed().contains("--time")) {
            Platform.runLater(Platform::exit);
            return;
        }
        this.stage = stage;
        Thread.currentThread()
                .setUncaughtExceptionHandler((thread, fault) -> unforeseen("working in the window", fault));
        openWhenRead(reading);
    }

    /** The shelf as it was left, or the name alone. */
    private Parent firstSight() {
        return lastShelf.join().<Parent>map(shelf -> new ShelfFace(shelf, cards,
                card -> wish = Optional.of(ready -> ready.start(card)),
                place -> wish = Optional.of(ready -> ready.goTo(place)))).orElseGet(CufflinkApp::settingOut);
    }

    private static StackPane settingOut() {
        Label setting = new Label("Cufflink");
        setting.getStyleClass().add("setting-out");
        return new StackPane(setting);
    }

    private void openWhenRead(CompletableFuture<Optional<StartUp.Things>> read) {
        read.whenComplete((things, fault) -> Platform.runLater(() -> {
            if (fault != null) {
                unforeseen("starting", fault);
            } else {
                things.ifPresent(this::open);
            }
        }));
    }

    /** Another window has the folder: that one is in front now, or this one says what can be done. */
    private void owned(StartUp.Owned owned) {
        Platform.runLater(() -> {
            if (owned.answered()) {
                System.out.println("Cufflink is open on " + data + " already; its window has come to the front.");
                Platform.exit();
            } else {
                notice("Cufflink is open already", "Another Cufflink has the folder " + data
                        + " and does not answer. Two windows on one folder would write over each other, so this one "
                        + "has opened nothing. Close the other one, or end it if it hangs, then try again. What it "
                        + "saved is safe.");
            }
        });
    }

    private void notice(String title, String text) {
        stage.getScene().setRoot(new NoticeScreen(title, text, "Try again", () -> {
            stage.getScene().setRoot(settingOut());
            CompletableFuture<Optional<StartUp.Things>> again = new CompletableFuture<>();
            read(again);
            openWhenRead(again);
        }, "Quit", Platform::exit));
    }

    /**
     * Something that the program did not expect: kept in a report, told in a sentence. Nothing that is saved is
     * touched.
     */
    private void unforeseen(String doing, Throwable fault) {
        String report = reports.keep(doing, fault);
        String text = "Cufflink met something that it did not expect while " + doing
                + ": a fault of the program, not yours. What is saved stays as it is." + report;
        if (screens != null) {
            if (!report.isEmpty()) {
                screens.tell(text);
            }
        } else {
            notice("Cufflink could not start", text);
        }
    }

    private double size(String name, double usual) {
        return Optional.ofNullable(getParameters().getNamed().get(name)).filter(text -> text.matches("\\d{3,4}"))
                .map(Double::valueOf).orElse(usual);
    }

    private void open(StartUp.Things things) {
        owner = things.owner();
        owner.ifPresent(mine -> mine.answer(() -> Platform.runLater(this::comeForward)));
        if (stage.getScene().getRoot() instanceof ShelfFace face) {
            face.leave();
        }
        screens = new Screens(stage, stage.getScene(), things, cards);
        if (!screens.recover()) {
            wish.filter(asked -> things.troubles().isEmpty())
                    .orElse(ready -> ready.shelf(String.join(" ", things.troubles()))).accept(screens);
        }
        if (getParameters().getUnnamed().contains("--time-shelf")) {
            screens.whenSetOut(Platform::exit);
        }
    }

    private void comeForward() {
        stage.setIconified(false);
        stage.toFront();
        stage.requestFocus();
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

    @Override
    public void stop() {
        if (screens != null) {
            screens.end();
        }
        try {
            if (owner.isPresent()) {
                owner.get().close();
            }
        } catch (IOException gone) {
            System.err.println("The data folder could not be given back: " + FileTrouble.reason(gone) + ".");
        }
    }
}
