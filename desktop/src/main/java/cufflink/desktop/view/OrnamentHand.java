package cufflink.desktop.view;

import cufflink.design.Ornament;
import cufflink.desktop.control.PicturePane;
import cufflink.desktop.work.Workspace;
import cufflink.drawing.ClosedDrawing;
import cufflink.drawing.Shape;
import cufflink.plan.OrnamentPlacing;
import cufflink.plan.Plan;
import cufflink.plan.StepSubject;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import javafx.beans.property.StringProperty;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import org.locationtech.jts.geom.Coordinate;

/**
 * Lays ornaments on a picture: the mouse takes and drags them, the arrow keys move the one that was taken last by a
 * step of the ruler. One drag is one step to undo.
 */
final class OrnamentHand {
    /** What the picture shows. */
    interface Table {
        /** The ornament that is seen at a place of the picture's pane. */
        Optional<String> under(double x, double y);

        /** Whether an ornament is laid there. */
        boolean takes(String id);

        /** How a way in the picture, millimetres, goes on the ornament's panel. */
        Coordinate onPanel(OrnamentPlacing placing, double right, double down);
    }

    private final Workspace work;
    private final PicturePane picture;
    private final StringProperty picked;
    private final Table table;
    private Optional<Grip> grip = Optional.empty();

    /** What is held: where it lay when it was taken, and where the mouse was, pixels. */
    private record Grip(Plan plan, Ornament ornament, double x, double y, double millimetres) {
    }

    private OrnamentHand(Workspace work, PicturePane picture, StringProperty picked, Table table) {
        this.work = work;
        this.picture = picture;
        this.picked = picked;
        this.table = table;
    }

    /** On the closed card. */
    static void onCard(Workspace work, PicturePane picture, StringProperty picked, BooleanSupplier fromBack) {
        new OrnamentHand(work, picture, picked, new Table() {
            @Override
            public Optional<String> under(double x, double y) {
                return picture.spotAt(x, y).map(spot -> ClosedDrawing.place(work.plan(), fromBack.getAsBoolean(), spot))
                        .flatMap(place -> OrnamentPlacing.at(work.plan(), place, fromBack.getAsBoolean()))
                        .map(Ornament::id);
            }

            @Override
            public boolean takes(String id) {
                return true;
            }

            @Override
            public Coordinate onPanel(OrnamentPlacing placing, double right, double down) {
                Coordinate way = ClosedDrawing.place(work.plan(), fromBack.getAsBoolean(),
                        new Shape.Spot(right, down));
                return placing.onPanel(way.x, way.y);
            }
        }).listen();
    }

    /** On the flat piece of a step, where what is drawn is called as it is. */
    static void onPiece(Workspace work, PicturePane picture, StringProperty picked) {
        new OrnamentHand(work, picture, picked, new Table() {
            @Override
            public Optional<String> under(double x, double y) {
                return picture.idAt(x, y).filter(this::takes);
            }

            @Override
            public boolean takes(String id) {
                return work.currentStep().subject() instanceof StepSubject.OfTrim trim && trim.id().equals(id);
            }

            @Override
            public Coordinate onPanel(OrnamentPlacing placing, double right, double down) {
                return new Coordinate(right, down);
            }
        }).listen();
    }

    private void listen() {
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
        picture.requestFocus();
        table.under(press.getX(), press.getY()).flatMap(work.project()::ornament).ifPresent(ornament -> {
            picked.set(ornament.id());
            // The picture makes room for what stands out; how far a pixel goes must not change under the hand.
            grip = Optional.of(new Grip(work.plan(), ornament, press.getX(), press.getY(),
                    picture.millimetresAPixel()));
        });
    }

    private void drag(MouseEvent drag) {
        grip.ifPresent(held -> OrnamentPlacing.of(held.plan(), held.ornament()).ifPresent(placing -> {
            Coordinate way = table.onPanel(placing, (drag.getX() - held.x()) * held.millimetres(),
                    (drag.getY() - held.y()) * held.millimetres());
            work.change("ornament " + held.ornament().id(),
                    project -> project.withOrnament(placing.shifted(way.x, way.y)));
        }));
    }

    private boolean move(KeyCode code) {
        Optional<Ornament> ornament = work.project().ornament(picked.get()).filter(one -> table.takes(one.id()));
        double step = work.project().step().length().toMillimetres();
        int right = code == KeyCode.RIGHT ? 1 : code == KeyCode.LEFT ? -1 : 0;
        int down = code == KeyCode.DOWN ? 1 : code == KeyCode.UP ? -1 : 0;
        if (ornament.isEmpty() || right == 0 && down == 0) {
            return false;
        }
        OrnamentPlacing.of(work.plan(), ornament.get()).ifPresent(placing -> {
            Coordinate way = table.onPanel(placing, right * step, down * step);
            work.change(project -> project.withOrnament(placing.nudged(way.x, way.y)));
        });
        return true;
    }
}
