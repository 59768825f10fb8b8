package cufflink.desktop.view;

import javafx.scene.Parent;

/** What fills the window. */
public interface Screen {
    /** The node to show. */
    Parent root();

    /** Lets go of all that outlives the screen; it is not shown again. */
    void leave();
}
