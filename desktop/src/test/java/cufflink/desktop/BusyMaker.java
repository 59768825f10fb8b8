package cufflink.desktop;

import cufflink.desktop.control.Stepper;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.event.ActionEvent;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.stage.Window;

/**
 * Another program: the real window, in which somebody types one height after the other and counts paper, until it is
 * killed. Says on its standard output what was typed and what the field shows after it.
 */
final class BusyMaker {
    private BusyMaker() {
    }

    public static void main(String[] arguments) throws InterruptedException {
        Thread maker = new Thread(BusyMaker::work, "maker");
        maker.setDaemon(true);
        maker.start();
        Application.launch(CufflinkApp.class, arguments);
    }

    private static void work() {
        try {
            while (!isOpen()) {
                Thread.sleep(50);
            }
            for (int millimetres = 100;; millimetres = millimetres == 180 ? 100 : millimetres + 1) {
                String typed = millimetres + " mm";
                onWindow(() -> type(typed));
                waitUntilTaken();
                onWindow(() -> System.out.println(typed + "|" + field().shown()));
                Thread.sleep(millimetres % 7 * 20L);
            }
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
    }

    private static void waitUntilTaken() throws InterruptedException {
        boolean[] taken = new boolean[1];
        while (!taken[0]) {
            Thread.sleep(2);
            onWindow(() -> taken[0] = field().lookup(".text-field") == null);
        }
    }

    private static boolean isOpen() throws InterruptedException {
        boolean[] open = new boolean[1];
        if (Window.getWindows().isEmpty()) {
            return false;
        }
        onWindow(() -> {
            Optional<Node> bench = found("#measure-height");
            open[0] = bench.isPresent();
            if (bench.isEmpty()) {
                found("#design-half-fold").ifPresent(card -> ((Button) card).fire());
            }
        });
        return open[0];
    }

    private static void onWindow(Runnable action) throws InterruptedException {
        CountDownLatch done = new CountDownLatch(1);
        Platform.runLater(() -> {
            action.run();
            done.countDown();
        });
        done.await();
    }

    private static Optional<Node> found(String selector) {
        Scene scene = Window.getWindows().get(0).getScene();
        return Optional.ofNullable(scene.getRoot().lookup(selector));
    }

    private static Stepper field() {
        return (Stepper) found("#measure-height").orElseThrow();
    }

    private static void type(String text) {
        field().edit();
        TextField field = (TextField) field().lookup(".text-field");
        field.setText(text);
        field.fireEvent(new ActionEvent());
    }
}
