package cufflink.design;

import cufflink.design.DesignDefinition.AtX;
import cufflink.design.DesignDefinition.AtY;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Which measures of a design say where its pieces are scored at the fence. */
final class ScorePlaces {
    private ScorePlaces() {
    }

    /** The names in the places of upright and level creases; decorative lines count, too. */
    static Set<String> measures(DesignDefinition definition) {
        return definition.pieces().stream().flatMap(piece -> piece.scores().stream()).map(DesignDefinition.Score::line)
                .flatMap(line -> line instanceof AtX upright ? Names.in(upright.x().expression()).stream() : line instanceof AtY level ? Names.in(level.y().expression()).stream()
                        : Stream.empty()).collect(Collectors.toUnmodifiableSet());
    }
}
