package cufflink.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.design.DesignDefinition;
import cufflink.files.design.DesignLibrary;
import cufflink.measure.RulerStep;
import cufflink.plan.Phase;
import cufflink.plan.RunStep;
import cufflink.plan.StepSubject;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javafx.scene.Scene;
import javafx.scene.control.ToggleButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/**
 * Every design at every step, in inches and millimetres, with text at 100 and 125 %, in a small and a large window: no
 * text is cut off or hidden. With the tests, each design is seen in one of these ways and at one step of each kind;
 * {@code -Daudit=full} goes through all.
 */
class LayoutWindowTest extends WindowDriver {
    private static final boolean FULL = "full".equals(System.getProperty("audit"));

    private record Way(RulerStep ruler, double text, double width, double height) {
        static List<Way> all() {
            List<Way> ways = new ArrayList<>();
            for (RulerStep ruler : List.of(RulerStep.SIXTEENTH_INCH, RulerStep.MILLIMETRE)) {
                for (double text : new double[] {1, 1.25}) {
                    ways.add(new Way(ruler, text, 1280, 800));
                    ways.add(new Way(ruler, text, 1920, 1080));
                }
            }
            return ways;
        }
    }

    private final List<String> faults = new ArrayList<>();

    @Test
    void nothingIsCutOff_hidden_orOverOneAnother() {
        String asked = System.getProperty("designs", "");
        List<DesignDefinition> designs = DesignLibrary.builtIn().designs().values().stream()
                .filter(design -> asked.isEmpty() || List.of(asked.split(",")).contains(design.id())).toList();
        List<Way> ways = Way.all();
        for (int i = 0; i < designs.size(); i++) {
            for (Way way : FULL ? ways : List.of(ways.get(i % ways.size()))) {
                audit(designs.get(i), way);
                forgetEvents();
            }
        }
        assertEquals("", String.join("\n", faults));
    }

    private void audit(DesignDefinition design, Way way) {
        Scene scene = robot.listWindows().get(0).getScene();
        robot.interact(() -> {
            Stage stage = (Stage) scene.getWindow();
            stage.setWidth(way.width());
            stage.setHeight(way.height());
            app.screens().start(design, way.ruler());
        });
        settle();
        robot.interact(() -> {
            app.screens().scaleText(way.text());
            // With what lies on the table, which leaves the least room, in half of the ways.
            if (way.ruler() == RulerStep.MILLIMETRE) {
                scene.getRoot().applyCss();
                ((ToggleButton) scene.lookup("#on-the-table")).setSelected(true);
            }
        });
        Set<List<Object>> kinds = new HashSet<>();
        List<RunStep> run = app.screens().work().plan().run();
        for (int step = 0; step < run.size(); step++) {
            Phase phase = run.get(step).phase();
            if (FULL || step == run.size() - 1 || kinds.add(List.of(phase, run.get(step).subject().getClass()))) {
                look(scene, step, design.id() + ", step " + run.get(step).number() + ", " + way);
            }
        }
    }

    /** All on the window's thread and without waiting for it to be painted, which takes most of the time. */
    private void look(Scene scene, int step, String where) {
        WaitForAsyncUtils.waitFor(WaitForAsyncUtils.asyncFx(() -> {
            app.screens().work().goTo(step);
            if (app.screens().work().currentStep().subject() instanceof StepSubject.OfFold) {
                app.screens().benchScreen().stopFoldAt(1);
            }
            scene.getRoot().applyCss();
            scene.getRoot().layout();
            scene.getRoot().layout(); // what was wrapped in the first pass is as high as it is in the second
            LayoutAudit.of(scene).forEach(fault -> faults.add(where + ": " + fault));
        }));
    }
}
