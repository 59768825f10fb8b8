package cufflink.design;

import cufflink.design.SizedDesign.Offset;
import cufflink.design.SizedDesign.Said;
import cufflink.measure.Length;
import java.util.stream.Stream;

/**
 * Small hardware that is put through a panel, every number worked out.
 *
 * @param face the one on which its head lies
 * @param at   its middle, from the top left corner of the panel
 */
public record Fixing(String id, String label, FixingKind kind, PanelRef panel, Face face, Offset at, Sizes sizes,
        Said said) {
    /**
     * How large it is.
     *
     * @param hole   across; nothing where none is made
     * @param head   across, on both faces
     * @param height above its face
     * @param behind above the other face
     */
    public record Sizes(Length hole, Length head, Length height, Length behind) {
        boolean areNotNegative() {
            return Stream.of(hole, head, height, behind).noneMatch(Length::isNegative);
        }
    }
}
