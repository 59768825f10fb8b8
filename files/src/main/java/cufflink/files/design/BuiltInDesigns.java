package cufflink.files.design;

import cufflink.design.DesignDefinition;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** The designs that come with Cufflink. */
public final class BuiltInDesigns {
    private static final List<String> IDS = List.of("half-fold", "spine-fold", "overlapping-gate", "accordion",
            "slim-tent",
            "centre-step", "crossover", "secret-panel",
            "slot-concertina", "squash-fold", "flip-flap", "waterfall", "diamond-tree", "m-fold-holder",
            "back-fold-holder", "criss-cross-pocket",
            "nested-diagonal-pockets", "little-bag", "belly-band", "pleated-tree", "rosette", "panel-pockets",
            "pocket-fold",
            "notch-sleeve", "turned-tag", "insert", "envelope", "ribbon-pull", "ribbon-tie", "scored-panel",
            "sleeve-folio",
            "strip-album",
            "ribbon-wallet", "gusset-purse",
            "bagged-squash-fold", "tagged-pockets", "note-pocket", "banded-accordion", "note-step",
            "covered-back-fold", "panelled-gate", "corner-note");

    private BuiltInDesigns() {
    }

    /** Read once, on first use. */
    private static final class Loaded {
        private static final List<DesignDefinition> ALL = IDS.stream().map(BuiltInDesigns::load).toList();
    }

    /** Their ids, in the order of the shelf. */
    static List<String> ids() {
        return IDS;
    }

    /** All of them, in the order of the shelf. */
    public static List<DesignDefinition> all() {
        return Loaded.ALL;
    }

    /** The text of a built-in design's file, to copy and change. */
    public static String text(String id) {
        try (InputStream stream = BuiltInDesigns.class.getResourceAsStream("/cufflink/files/designs/" + id + ".yaml")) {
            return new String(stream.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }

    /** The built-in files are not tried out at every start: a test reads each as a stranger's. */
    private static DesignDefinition load(String id) {
        return DesignFileReader.parse(id + ".yaml", text(id), PartSource.builtIn(id)).orThrow();
    }
}
