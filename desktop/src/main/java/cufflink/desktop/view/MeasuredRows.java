package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.design.Measures;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthReading;
import cufflink.measure.LengthUnit;
import cufflink.notebook.Make;
import cufflink.notebook.Measurement;
import cufflink.notebook.Offers;
import cufflink.notebook.Target;
import cufflink.plan.Plan;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

/** What was measured of it, each against what was planned, with what would explain the difference. */
final class MeasuredRows extends VBox {
    private final Optional<Plan> plan;
    private final LengthFormat format;
    private final List<Measurement> kept = new ArrayList<>();
    private final Map<String, TextField> fields = new LinkedHashMap<>();
    private final VBox lines = new VBox();
    private final VBox said = new VBox();
    private final Consumer<List<Target>> offers;
    private final Runnable changed;

    /** {@code offers} is told what would set it right. */
    MeasuredRows(Optional<Plan> plan, Make make, Consumer<List<Target>> offers, Runnable changed) {
        this.plan = plan;
        this.format = LengthFormat.of(make.unit());
        this.offers = offers;
        this.changed = changed;
        List<Measurement> before = make.learned().measured();
        said.setId("measured-said");
        getChildren().addAll(lines);
        if (plan.isEmpty()) {
            kept.addAll(before);
            getChildren().add(new Fractions("Its design is gone; nothing more can be measured against it.", "empty"));
        } else {
            Map<String, String> closed = new LinkedHashMap<>();
            if (plan.get().workings().closedSize().isPresent()) {
                closed.put("width", Measurement.What.WIDTH.label());
                closed.put("height", Measurement.What.HEIGHT.label());
                closed.put("thickness", Measurement.What.THICKNESS.label());
            }
            closed.forEach(this::line);
            Map<String, String> more = measures(plan.get());
            more.forEach((name, label) -> before.stream().filter(one -> one.label().equals(label)).findFirst()
                    .ifPresent(one -> line(name, label)));
            before.forEach(one -> fields.forEach((name, field) -> {
                if (Measurement.of(plan.get(), name, one.measured()).filter(same -> same.label().equals(one.label()))
                        .isPresent()) {
                    field.setText((one.what() == Measurement.What.THICKNESS ? LengthFormat.of(LengthUnit.MILLIMETRE)
                            : format).text(one.measured()));
                }
            }));
            getChildren().add(another(more));
        }
        getChildren().add(said);
        tell();
    }

    private static Map<String, String> measures(Plan plan) {
        Map<String, String> all = new LinkedHashMap<>();
        plan.measures().shown().stream().filter(Measures.Sized::isLength).filter(sized -> sized.length().isPositive())
                .forEach(sized -> all.putIfAbsent(sized.definition().name(), sized.definition().label()));
        return all;
    }

    private ComboBox<String> another(Map<String, String> more) {
        ComboBox<String> box = new ComboBox<>();
        box.setId("measured-another");
        box.setPromptText("A panel or another measure …");
        box.getItems().setAll(more.keySet());
        box.setConverter(new Words<>(more::get));
        box.setMaxWidth(Double.MAX_VALUE);
        box.setOnAction(chosen -> {
            if (box.getValue() != null && !fields.containsKey(box.getValue())) {
                line(box.getValue(), more.get(box.getValue())).requestFocus();
            }
        });
        return box;
    }

    private TextField line(String name, String label) {
        TextField field = new TextField();
        field.setPrefColumnCount(7);
        field.setMaxWidth(USE_PREF_SIZE);
        field.setMinWidth(USE_PREF_SIZE);
        field.setId("measured-" + name);
        field.setAccessibleText(label + ", as measured");
        // Once the plan knows what it is, it is what is asked for.
        Measurement.of(plan.orElseThrow(), name, Length.ofMillimetres(1)).ifPresent(one -> field.setPromptText(
                (name.equals("thickness") ? LengthFormat.of(LengthUnit.MILLIMETRE) : format).text(one.planned())));
        field.textProperty().addListener(change -> {
            tell();
            changed.run();
        });
        fields.put(name, field);
        lines.getChildren().add(Rows.row(label, field));
        return field;
    }

    private LengthReading<Length> length(String name) {
        return LengthParser.read(fields.get(name).getText(),
                name.equals("thickness") ? LengthUnit.MILLIMETRE : format.unit());
    }

    List<Measurement> read() {
        List<Measurement> all = new ArrayList<>(kept);
        fields.forEach((name, field) -> {
            if (!field.getText().isBlank()) {
                length(name).value().filter(Length::isPositive)
                        .flatMap(found -> Measurement.of(plan.orElseThrow(), name, found))
                        .filter(one -> all.stream().noneMatch(other -> other.label().equals(one.label())))
                        .ifPresent(all::add);
            }
        });
        return all;
    }

    private void tell() {
        List<Measurement> all = read();
        said.getChildren().clear();
        all.forEach(one -> said.getChildren().add(new Fractions((one.isUsual() ? "✓ " : "▲ ")
                + one.said(format).sentence(), "make-line", one.isUsual() ? "make-usual" : "make-unusual")));
        Measurement.reasons(all, format)
                .forEach(reason -> said.getChildren().add(new Fractions(reason.sentence(), "make-line")));
        plan.ifPresent(known -> offers.accept(Offers.of(known, all)));
    }

    Optional<String> problem() {
        return fields.entrySet().stream().filter(entry -> !entry.getValue().getText().isBlank()
                && length(entry.getKey()).value().filter(Length::isPositive).isEmpty()).findFirst()
                .map(entry -> entry.getValue().getAccessibleText() + ": type a length of more than 0, such as "
                        + entry.getValue().getPromptText() + ".");
    }
}
