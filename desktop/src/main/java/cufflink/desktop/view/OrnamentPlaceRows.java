package cufflink.desktop.view;

import cufflink.design.Ornament;
import cufflink.design.Ornament.Along;
import cufflink.design.Ornament.Anchor;
import cufflink.design.Side;
import cufflink.desktop.control.Stepper;
import cufflink.desktop.work.Workspace;
import cufflink.measure.Length;
import cufflink.plan.OrnamentPlacing;
import cufflink.plan.Plan;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;

/** Where an ornament lies, and how it is turned: as its face is seen with the card upright. */
final class OrnamentPlaceRows {
    private static final double TURN_STEP = 5;

    private final Workspace work;
    private final LiveRows live;
    private final LiveOrnament own;

    OrnamentPlaceRows(Workspace work, LiveRows live, LiveOrnament own) {
        this.work = work;
        this.live = live;
        this.own = own;
    }

    List<Node> rows() {
        Label lies = new Label("How far inside the panel's edge it lies, from the");
        lies.getStyleClass().add("part-place");
        lies.setWrapText(true);
        return List.of(lies, along("across", one -> one.put().across(), OrnamentPlacing::across, Side.LEFT, Side.RIGHT,
                (one, along) -> new Ornament.Put(along, one.put().down(), one.put().turn())),
                along("down", one -> one.put().down(), OrnamentPlacing::down, Side.TOP, Side.BOTTOM,
                        (one, along) -> new Ornament.Put(one.put().across(), along, one.put().turn())),
                turn());
    }

    /** Where it lies in one direction: measured from which edge, and how far inside. */
    private Node along(String name, Function<Ornament, Along> read, BiFunction<OrnamentPlacing, Anchor, Along> from,
            Side low, Side high, BiFunction<Ornament, Along, Ornament.Put> write) {
        ComboBox<Anchor> box = new ComboBox<>();
        box.setId(own.id() + "-" + name + "-from");
        box.setAccessibleText("What its place is measured from");
        box.getItems().setAll(Anchor.values());
        Stepper stepper = new Stepper("How far", by -> own.edit(ornament -> ornament.with(write.apply(ornament,
                by(read.apply(ornament), read.apply(ornament).by().plus(work.project().step().length().times(by)))))),
                text -> live.typedDistance(text, length -> own.edit(
                        ornament -> ornament.with(write.apply(ornament, by(read.apply(ornament), length))))));
        stepper.setId(own.id() + "-" + name);
        own.show((plan, ornament) -> {
            box.setConverter(new Words<>(anchor -> word(plan, ornament, anchor, low, high)));
            box.setValue(read.apply(ornament).from());
            stepper.setValue(plan.format().number(read.apply(ornament).by()),
                    plan.format().text(read.apply(ornament).by()));
        });
        box.valueProperty().addListener((property, was, is) -> live.edit(
                () -> own.edit(ornament -> OrnamentPlacing.of(work.plan(), ornament).map(placing -> ornament
                        .with(write.apply(ornament, from.apply(placing, is)))).orElse(ornament))));
        HBox row = new HBox(box, stepper);
        row.getStyleClass().add("place-row");
        return row;
    }

    private static Along by(Along along, Length by) {
        return new Along(along.from(), by);
    }

    private static String word(Plan plan, Ornament ornament, Anchor anchor, Side low, Side high) {
        if (anchor == Anchor.MIDDLE) {
            return "middle";
        }
        Side side = anchor == Anchor.START ? low : high;
        return OrnamentPlacing.of(plan, ornament).map(placing -> placing.seen(side)).orElse(side).word();
    }

    /** 0 is upright on the closed card. */
    private Node turn() {
        Stepper stepper = new Stepper("Turned, degrees", by -> own.edit(ornament -> turned(ornament,
                shown(ornament) + by * TURN_STEP)), this::typedTurn);
        stepper.setId(own.id() + "-turn");
        own.show((plan, ornament) -> stepper.setValue(degrees(shown(ornament)) + "°", degrees(shown(ornament))));
        return Rows.row("Turned", stepper);
    }

    private static String degrees(double turn) {
        return turn == Math.rint(turn) ? String.valueOf((long) turn) : String.valueOf(Math.round(turn * 10) / 10.0);
    }

    private double shown(Ornament ornament) {
        double turn = ornament.put().turn() - upright(ornament);
        return Math.rint(Math.IEEEremainder(turn, 360) * 1e6) / 1e6;
    }

    private double upright(Ornament ornament) {
        return OrnamentPlacing.of(work.plan(), ornament).map(OrnamentPlacing::upright).orElse(0.0);
    }

    private Ornament turned(Ornament ornament, double shown) {
        double turn = shown + upright(ornament);
        return ornament.with(new Ornament.Put(ornament.put().across(), ornament.put().down(),
                Math.IEEEremainder(turn, 360)));
    }

    private CompletableFuture<Boolean> typedTurn(String text) {
        String number = text.strip().replace('°', ' ').replace(',', '.').replace('−', '-').strip();
        if (!number.matches("-?\\d{1,3}(\\.\\d{1,3})?")) {
            return work.refuse("“" + text.strip() + "” is not a number of degrees from −360 to 360.");
        }
        return own.edit(ornament -> turned(ornament, Double.parseDouble(number)));
    }
}
