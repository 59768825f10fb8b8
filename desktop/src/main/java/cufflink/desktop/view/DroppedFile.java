package cufflink.desktop.view;

import java.nio.file.Path;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.input.TransferMode;

/** Lets a file be dropped on a screen. */
final class DroppedFile {
    private DroppedFile() {
    }

    /** The first of what is dropped on the node is taken. */
    static void on(Node node, Consumer<Path> taken) {
        node.setOnDragOver(drag -> {
            if (drag.getDragboard().hasFiles()) {
                drag.acceptTransferModes(TransferMode.COPY);
                drag.consume();
            }
        });
        node.setOnDragDropped(drop -> {
            if (drop.getDragboard().hasFiles()) {
                taken.accept(drop.getDragboard().getFiles().get(0).toPath());
                drop.setDropCompleted(true);
                drop.consume();
            }
        });
    }
}
