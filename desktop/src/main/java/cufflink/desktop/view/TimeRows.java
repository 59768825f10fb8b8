package cufflink.desktop.view;

import cufflink.plan.Phase;
import cufflink.plan.Plan;
import java.time.Duration;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

/** How long each phase of the work took, in minutes. */
final class TimeRows extends VBox {
    private static final String MINUTES = "\\d{1,4}([.,]\\d{1,2})?";

    private final Map<Phase, TextField> fields = new EnumMap<>(Phase.class);
    private final Map<Phase, Duration> before;

    TimeRows(Optional<Plan> plan, Map<Phase, Duration> took, Runnable changed) {
        this.before = took;
        for (Phase phase : Phase.values()) {
            boolean done = plan.isEmpty() || plan.get().run().stream().anyMatch(step -> step.phase() == phase);
            if (done || took.containsKey(phase)) {
                TextField field = new TextField(text(took.get(phase)));
                field.setPrefColumnCount(5);
                field.setMaxWidth(USE_PREF_SIZE);
                field.setId("took-" + phase.name().toLowerCase(Locale.ROOT));
                field.setAccessibleText(phase.title() + ", minutes");
                field.textProperty().addListener(change -> changed.run());
                fields.put(phase, field);
                getChildren().add(Rows.row(phase.title(), field));
            }
        }
    }

    private static String text(Duration time) {
        return time == null ? "" : String.format(Locale.ROOT, "%.1f", time.toSeconds() / 60.0).replaceAll("\\.0$", "");
    }

    Map<Phase, Duration> read() {
        Map<Phase, Duration> took = new EnumMap<>(Phase.class);
        fields.forEach((phase, field) -> {
            String typed = field.getText().strip();
            if (typed.equals(text(before.get(phase))) && before.containsKey(phase)) {
                took.put(phase, before.get(phase)); // what the clock counted stays to the second
            } else if (typed.matches(MINUTES)) {
                took.put(phase, Duration.ofSeconds(Math.round(60 * Double.parseDouble(typed.replace(',', '.')))));
            }
        });
        return took;
    }

    Optional<String> problem() {
        return fields.entrySet().stream()
                .filter(entry -> !entry.getValue().getText().isBlank()
                        && !entry.getValue().getText().strip().matches(MINUTES))
                .findFirst().map(entry -> entry.getKey().title() + ": type minutes such as 12 or 7.5.");
    }
}
