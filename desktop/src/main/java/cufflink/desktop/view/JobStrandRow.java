package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.desktop.work.JobWork;
import cufflink.job.JobMessages;
import cufflink.job.JobStrand;
import cufflink.measure.LengthFormat;
import cufflink.stash.Stash;
import cufflink.stash.StashRibbon;
import java.util.List;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;

/** One kind of ribbon of a job that is being cut: its lengths, the reel that it comes from, and whether it is cut. */
final class JobStrandRow extends VBox {
    JobStrandRow(JobStrand strand, JobWork work, Stash stash, LengthFormat format) {
        getStyleClass().add("job-strand-row");
        CheckBox cut = new CheckBox("All of it is cut");
        cut.setId("strand-done");
        cut.setSelected(strand.done());
        cut.setOnAction(press -> {
            work.setStrandDone(strand, cut.isSelected());
            cut.setSelected(isDone(strand, work));
        });
        getChildren().addAll(new Fractions(JobMessages.strand(strand.need(), stash, format), "job-strand"), cut);
        List<StashRibbon> reels = strand.need().reels(stash);
        if (reels.size() > 1 && !strand.taken()) {
            getChildren().add(1, choice(strand, work, reels, format));
        }
    }

    private static boolean isDone(JobStrand strand, JobWork work) {
        return work.job().cutting().orElseThrow().strands().stream()
                .anyMatch(now -> now.need().id().equals(strand.need().id()) && now.done());
    }

    private static ChoiceBox<StashRibbon> choice(JobStrand strand, JobWork work, List<StashRibbon> reels,
            LengthFormat format) {
        ChoiceBox<StashRibbon> choice = new ChoiceBox<>();
        choice.setId("strand-reel");
        choice.setAccessibleText("Reel");
        choice.getItems().setAll(reels);
        choice.setConverter(new StringConverter<>() {
            @Override
            public String toString(StashRibbon reel) {
                if (reel == null) {
                    return "Several reels";
                }
                String left = reel.name() + ", " + format.text(reel.left()) + " left";
                return strand.need().total().isLongerThan(reel.left()) ? left + ", too short for all" : left;
            }

            @Override
            public StashRibbon fromString(String text) {
                throw new UnsupportedOperationException("reels are chosen, not typed");
            }
        });
        List<Long> from = strand.need().from();
        reels.stream().filter(reel -> from.equals(List.of(reel.id()))).findFirst().ifPresent(choice::setValue);
        choice.valueProperty().addListener((property, was, is) -> work.cutFrom(strand, List.of(is)));
        return choice;
    }
}
