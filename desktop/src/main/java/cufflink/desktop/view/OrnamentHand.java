package cufflink.desktop.view;

import cufflink.design.Ornament;
import cufflink.desktop.control.PicturePane;
import cufflink.desktop.work.Workspace;
import cufflink.drawing.ClosedDrawing;
import cufflink.drawing.Shape;
import cufflink.plan.OrnamentPlacing;
import cufflink.plan.Plan;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import javafx.beans.property.StringProperty;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import org.locationtech.jts.geom.Coordinate;

/**
 * Lays ornaments on the picture of the closed card: the mouse takes and drags them, the arrow keys move the one that
 * was taken last by a step of the ruler. One drag is one step to undo.
 */
final class OrnamentHand {
    private final Workspace work;
    private final PicturePane picture;
    private final StringProperty picked;
    private final BooleanSupplier fromBack;
    private Optional<Grip> grip = Optional.empty();

    /** What is held: where it lay when it was taken, and where the mouse was, pixels. */
    private record Grip(Plan plan, Ornament ornament, double x, double y, double millimetres) {
    }

    OrnamentHand(Workspace work, PicturePane picture, StringProperty picked, BooleanSupplier fromBack) {
        this.work = work;
        this.picture = picture;
        this.picked = picked;
        this.fromBack = fromBack;
        picture.setFocusTraversable(true);
        picture.addEventHandler(MouseEvent.MOUSE_PRESSED, this::take);
        picture.addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        picture.addEventHandler(MouseEvent.MOUSE_RELEASED, release -> {
            grip = Optional.empty();
            work.endGesture();
        });
        picture.addEventHandler(KeyEvent.KEY_PRESSED, key -> {
            if (move(key.getCode())) {
                key.consume();
            }
        });
    }

    private void take(MouseEvent press) {
        Optional<Ornament> under = picture.spotAt(press.getX(), press.getY())
                .map(spot -> ClosedDrawing.place(work.plan(), fromBack.getAsBoolean(), spot))
                .flatMap(place -> OrnamentPlacing.at(work.plan(), place, fromBack.getAsBoolean()))
                .flatMap(seen -> work.project().ornaments().stream().filter(own -> own.id().equals(seen.id()))
                        .findFirst());
        picture.requestFocus();
        under.ifPresent(ornament -> {
            picked.set(ornament.id());
            // The picture makes room for what stands out; how far a pixel goes must not change under the hand.
            grip = Optional.of(new Grip(work.plan(), ornament, press.getX(), press.getY(),
                    picture.millimetresAPixel()));
        });
    }

    private void drag(MouseEvent drag) {
        grip.ifPresent(held -> move(held.plan(), held.ornament(), (drag.getX() - held.x()) * held.millimetres(),
                (drag.getY() - held.y()) * held.millimetres(), "ornament " + held.ornament().id()));
    }

    /** To the right and down in the picture, millimetres. */
    private void move(Plan plan, Ornament ornament, double right, double down, String gesture) {
        Coordinate way = ClosedDrawing.place(plan, fromBack.getAsBoolean(), new Shape.Spot(right, down));
        OrnamentPlacing.of(plan, ornament).map(placing -> placing.moved(way.x, way.y))
                .ifPresent(moved -> work.change(gesture, project -> project.withOrnament(moved)));
    }

    private boolean move(KeyCode code) {
        Optional<Ornament> ornament = work.project().ornaments().stream()
                .filter(one -> one.id().equals(picked.get())).findFirst();
        double step = work.project().step().length().toMillimetres();
        int right = code == KeyCode.RIGHT ? 1 : code == KeyCode.LEFT ? -1 : 0;
        int down = code == KeyCode.DOWN ? 1 : code == KeyCode.UP ? -1 : 0;
        if (ornament.isEmpty() || right == 0 && down == 0) {
            return false;
        }
        OrnamentPlacing.of(work.plan(), ornament.get()).ifPresent(placing -> {
            Coordinate way = ClosedDrawing.place(work.plan(), fromBack.getAsBoolean(),
                    new Shape.Spot(right * step, down * step));
            Ornament nudged = placing.nudged(way.x, way.y);
            work.change(project -> project.withOrnament(nudged));
        });
        return true;
    }
}
