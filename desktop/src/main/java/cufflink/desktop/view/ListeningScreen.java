package cufflink.desktop.view;

import cufflink.desktop.control.Listening;
import javafx.scene.Parent;
import javafx.scene.layout.BorderPane;

/** A screen in five places that listens to what outlives it, and lets go of all of it when it is left. */
abstract class ListeningScreen extends BorderPane implements Screen {
    final Listening listening = new Listening();

    @Override
    public final Parent root() {
        return this;
    }

    @Override
    public final void leave() {
        listening.end();
    }
}
