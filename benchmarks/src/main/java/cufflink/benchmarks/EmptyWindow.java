package cufflink.benchmarks;

import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.layout.Pane;
import javafx.stage.Stage;

/** The least a JavaFX application can show: the measure for Cufflink's own start. */
public final class EmptyWindow extends Application {
    public static void main(String[] arguments) {
        launch(EmptyWindow.class, arguments);
    }

    @Override
    public void start(Stage stage) {
        stage.setScene(new Scene(new Pane(), 1280, 800));
        stage.show();
        Platform.runLater(Platform::exit);
    }
}
