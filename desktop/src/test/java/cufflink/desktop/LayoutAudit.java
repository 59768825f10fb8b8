package cufflink.desktop;

import cufflink.desktop.control.PicturePane;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.shape.ClosePath;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.PathElement;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;

/**
 * Looks through what a window shows: text that is cut off, an ellipsis that hides a number, labels over one another, a
 * number broken across lines; and through the pictures in it.
 */
final class LayoutAudit {
    /** Pixels that a line's box may stand out or lie over another: ascent and descent hold more than the letters. */
    private static final double SLACK = 3;
    /** The share of a text's size that its box is higher than its digits, above and below. */
    private static final double LEADING = 0.2;
    /** A number with its fraction: {@code 77.6}, {@code 3 7/8}, {@code 1/16}. */
    private static final Pattern NUMBER = Pattern.compile("\\d+([.,]\\d+)?( \\d+)?(/\\d+)?");

    /** A text as it is seen: what is in view of it, and where it is whole. */
    private record Seen(String text, Bounds whole, Bounds inView, Node node) {
    }

    /**
     * What can be seen.
     *
     * @param view   in the scene
     * @param across whether what lies beside it can be scrolled to
     * @param down   whether what lies above and below it can be
     */
    private record Sight(Bounds view, boolean across, boolean down) {
        Sight through(ScrollPane pane, Bounds bounds) {
            return new Sight(common(view, bounds), across || pane.getHbarPolicy() != ScrollPane.ScrollBarPolicy.NEVER,
                    down || pane.getVbarPolicy() != ScrollPane.ScrollBarPolicy.NEVER);
        }
    }

    private final List<String> faults = new ArrayList<>();
    private final List<Seen> seen = new ArrayList<>();

    private LayoutAudit() {
    }

    /** What is wrong; to be called on the window's thread. */
    static List<String> of(Scene scene) {
        LayoutAudit audit = new LayoutAudit();
        audit.walk(scene.getRoot(),
                new Sight(new BoundingBox(0, 0, scene.getWidth(), scene.getHeight()), false, false));
        audit.overlaps();
        return audit.faults.stream().distinct().toList();
    }

    private void walk(Node node, Sight sight) {
        if (!node.isVisible() || node.getOpacity() == 0) {
            return;
        }
        Bounds bounds = node.localToScene(node.getLayoutBounds());
        if (node instanceof Text text) {
            text(text, bounds, sight);
        } else if (node instanceof Labeled labeled) {
            ellipsis(labeled);
        } else if (node instanceof TextFlow flow) {
            flow(flow);
        } else if (node instanceof PicturePane pane) {
            pane.picture().ifPresent(picture -> PictureAudit.of(picture).forEach(faults::add));
        }
        if (node instanceof TextInputControl) {
            return; // scrolls in itself as it is typed into
        }
        if (node instanceof Parent parent) {
            Sight inside = node instanceof ScrollPane pane ? sight.through(pane, bounds) : sight;
            parent.getChildrenUnmodifiable().forEach(child -> walk(child, inside));
        }
    }

    private static Bounds common(Bounds one, Bounds other) {
        double left = Math.max(one.getMinX(), other.getMinX());
        double top = Math.max(one.getMinY(), other.getMinY());
        return new BoundingBox(left, top, Math.max(0, Math.min(one.getMaxX(), other.getMaxX()) - left),
                Math.max(0, Math.min(one.getMaxY(), other.getMaxY()) - top));
    }

    private void text(Text text, Bounds bounds, Sight sight) {
        Bounds view = sight.view();
        if (text.getText().isBlank() || bounds.getWidth() < 1) {
            return;
        }
        boolean beside = bounds.getMinX() < view.getMinX() - SLACK || bounds.getMaxX() > view.getMaxX() + SLACK;
        boolean above = bounds.getMinY() < view.getMinY() - SLACK || bounds.getMaxY() > view.getMaxY() + SLACK;
        if (beside && !sight.across() || above && !sight.down()) {
            faults.add("cut off: “" + text.getText() + "” " + place(text));
        }
        // Lines hold room for ascenders and descenders that may be set closer than this.
        double blank = LEADING * text.getFont().getSize();
        Bounds inView = common(new BoundingBox(bounds.getMinX(), bounds.getMinY() + blank, bounds.getWidth(),
                Math.max(0, bounds.getHeight() - 2 * blank)), view);
        if (inView.getWidth() > 0 && inView.getHeight() > 0) {
            seen.add(new Seen(text.getText(), bounds, inView, text));
        }
        Matcher number = NUMBER.matcher(text.getText());
        while (number.find()) {
            if (lines(text, number.start(), number.end()) > 1) {
                faults.add("broken across lines: “" + number.group() + "” in “" + text.getText() + "” " + place(text));
            }
        }
    }

    /** How many lines a stretch of a text takes. */
    private static long lines(Text text, int from, int to) {
        List<Double> tops = new ArrayList<>();
        for (PathElement element : text.rangeShape(from, to)) {
            double y = element instanceof MoveTo move ? move.getY() : element instanceof LineTo line ? line.getY()
                    : Double.NaN;
            if (!Double.isNaN(y) && !(element instanceof ClosePath)) {
                tops.add((double) Math.round(y));
            }
        }
        return (tops.stream().distinct().count() + 1) / 2;
    }

    private void ellipsis(Labeled labeled) {
        Optional<String> painted = labeled.getChildrenUnmodifiable().stream().filter(Text.class::isInstance)
                .map(child -> ((Text) child).getText()).findFirst();
        String whole = Optional.ofNullable(labeled.getText()).orElse("");
        if (painted.isPresent() && !painted.get().equals(whole)
                && painted.get().endsWith(labeled.getEllipsisString())) {
            String kept = painted.get().substring(0, painted.get().length() - labeled.getEllipsisString().length());
            String hidden = whole.startsWith(kept) ? whole.substring(kept.length()) : whole;
            if (hidden.chars().anyMatch(Character::isDigit)) {
                faults.add("hidden: “" + hidden + "” of “" + whole + "” " + place(labeled));
            }
        }
    }

    /** A whole number and its fraction stand in one line. */
    private void flow(TextFlow flow) {
        List<Node> runs = flow.getChildrenUnmodifiable();
        for (int i = 1; i < runs.size(); i++) {
            if (!(runs.get(i) instanceof Text) && runs.get(i - 1) instanceof Text whole
                    && whole.getText().matches("(?s).*\\d\\s?")) {
                Bounds number = whole.localToScene(whole.getLayoutBounds());
                Bounds fraction = runs.get(i).localToScene(runs.get(i).getLayoutBounds());
                double middle = (fraction.getMinY() + fraction.getMaxY()) / 2;
                double line = Math.min(number.getHeight(), 1.6 * whole.getFont().getSize());
                if (middle > number.getMaxY() + SLACK || middle < number.getMaxY() - line - SLACK) {
                    faults.add("broken across lines: “" + whole.getText() + "” and its fraction " + place(flow));
                }
            }
        }
    }

    private void overlaps() {
        for (int i = 0; i < seen.size(); i++) {
            for (int k = i + 1; k < seen.size(); k++) {
                Bounds both = common(seen.get(i).inView(), seen.get(k).inView());
                if (both.getWidth() > SLACK && both.getHeight() > SLACK
                        && !areOneFlow(seen.get(i).node(), seen.get(k).node())) {
                    faults.add("over one another: “" + seen.get(i).text() + "” and “" + seen.get(k).text() + "” "
                            + place(seen.get(i).node()));
                }
            }
        }
    }

    /** Lines of one text are set by what sets it. */
    private static boolean areOneFlow(Node one, Node other) {
        return flowOf(one).filter(flow -> flowOf(other).filter(flow::equals).isPresent()).isPresent();
    }

    private static Optional<Node> flowOf(Node node) {
        Node above = node;
        while (above != null && !(above instanceof TextFlow)) {
            above = above.getParent();
        }
        return Optional.ofNullable(above);
    }

    private static String place(Node node) {
        StringBuilder place = new StringBuilder();
        for (Node above = node; above != null && place.length() < 90; above = above.getParent()) {
            if (above.getId() != null) {
                place.append(" #").append(above.getId());
            } else if (!above.getStyleClass().isEmpty()) {
                place.append(" .").append(above.getStyleClass().get(above.getStyleClass().size() - 1));
            }
        }
        return "at" + place;
    }
}
