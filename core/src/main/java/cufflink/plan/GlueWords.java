package cufflink.plan;

import cufflink.design.SizedDesign.Glue;
import cufflink.fold.GluePatch;
import java.util.List;
import java.util.Optional;
import java.util.function.DoublePredicate;

/** Which edges take glue, called as the picture of the step shows them. */
final class GlueWords {
    /** Shares of an edge beyond which it takes glue all along, or worth naming. */
    private static final double ALL = 0.97;
    private static final double SOME = 0.02;

    private GlueWords() {
    }

    /** Sentences, each after a space; empty where nothing is glued. */
    static String edges(Workings plan, Glue glue) {
        Optional<GlueScene> scene = GlueScene.of(plan, glue);
        return scene.map(found -> glued(plan, glue, found) + free(glue, found)).orElse("");
    }

    private static String glued(Workings plan, Glue glue, GlueScene scene) {
        List<PictureEdge> whole = edges(scene, share -> share >= ALL);
        List<PictureEdge> partly = edges(scene, share -> share < ALL && share > SOME);
        if (whole.isEmpty() && partly.isEmpty()) {
            return "";
        }
        String host = plan.pieces().get(glue.onto().piece()).pattern().panel(glue.onto().panel())
                .map(panel -> panel.label()).orElse(glue.onto().panel());
        String all = whole.isEmpty() ? "" : " Glue, as the picture shows it, along: " + PictureEdge.words(whole) + ".";
        String some = partly.isEmpty() ? "" : (whole.isEmpty() ? " Glue, as the picture shows it, along: " : " Along: ")
                + PictureEdge.words(partly) + ", only where it lies on the " + host + ".";
        return all + some + (scene.patch().dry().isEmpty() ? "" : " What reaches past the " + host + " stays dry.");
    }

    private static List<PictureEdge> edges(GlueScene scene, DoublePredicate share) {
        return scene.seen(scene.patch().strips().stream().filter(strip -> share.test(strip.share()))
                .map(GluePatch.Strip::edge).toList());
    }

    private static String free(Glue glue, GlueScene scene) {
        List<PictureEdge> free = scene.seen(glue.edges().free());
        return free.isEmpty() ? ""
                : " The " + PictureEdge.words(free) + (free.size() == 1 ? " stays free." : " stay free.");
    }
}
