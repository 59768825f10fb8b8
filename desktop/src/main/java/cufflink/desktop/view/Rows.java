package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** The rows that side panes are made of: a name on the left, a value or control on the right. */
final class Rows {
    private Rows() {
    }

    static Label heading(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("pane-heading");
        return label;
    }

    static HBox row(String name, Node value) {
        Label label = new Label(name);
        label.getStyleClass().add("row-name");
        label.setMinWidth(40);
        label.setWrapText(true);
        HBox.setHgrow(label, Priority.ALWAYS);
        label.setMaxWidth(Double.MAX_VALUE);
        HBox row = new HBox(label, value);
        row.getStyleClass().add("row");
        return row;
    }

    static Fractions text(String text, String style) {
        return new Fractions(text, style);
    }

    /** Scrolls the pane that a node lies in so far that the node can be seen, its top first. */
    static void reveal(Node node) {
        Node above = node;
        while (above != null && !(above instanceof ScrollPane)) {
            above = above.getParent();
        }
        if (above instanceof ScrollPane pane && pane.getContent() != null) {
            Bounds bounds = pane.getContent().sceneToLocal(node.localToScene(node.getBoundsInLocal()));
            double content = pane.getContent().getBoundsInLocal().getHeight();
            double view = pane.getViewportBounds().getHeight();
            double top = pane.getVvalue() * Math.max(0, content - view);
            boolean seen = bounds.getMinY() >= top && bounds.getMaxY() <= top + view;
            if (!seen && content > view) {
                double wanted = Math.min(bounds.getMinY(), Math.max(bounds.getMaxY() - view, 0) + view / 3);
                pane.setVvalue(Math.max(0, Math.min(1, wanted / (content - view))));
            }
        }
    }

    /** A side pane that scrolls up and down only. */
    static ScrollPane scroll(Region content, String style) {
        content.setMinWidth(0); // as wide as the pane, whatever is in it: text wraps instead of running out of sight
        ScrollPane scroll = new ScrollPane(content);
        scroll.getStyleClass().addAll("side-scroll", style);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFocusTraversable(false);
        return scroll;
    }
}
