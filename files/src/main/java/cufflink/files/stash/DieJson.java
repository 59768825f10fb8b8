package cufflink.files.stash;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.measure.ExactText;
import cufflink.measure.Length;
import cufflink.paper.SheetSize;
import cufflink.stash.DieChart;
import java.util.List;

/** The chart of dies and punches as JSON. */
public final class DieJson {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private DieJson() {
    }

    /** {@code dies} with what fits into and round each. */
    public static ObjectNode of(List<DieChart.Line> lines, Length border) {
        ObjectNode root = MAPPER.createObjectNode().put("border", ExactText.of(border));
        ArrayNode dies = root.putArray("dies");
        lines.forEach(line -> {
            ObjectNode die = dies.addObject().put("name", line.punch().name()).put("shape",
                    line.punch().die().shape().word());
            size(die.putObject("cuts"), line.punch().cuts());
            line.rectangle().ifPresent(inside -> size(die.putObject("rectangle"), inside));
            line.circle().ifPresent(inside -> die.put("circle", ExactText.of(inside)));
            size(die.putObject("around"), line.around());
            line.reveals().forEach(reveal -> die.withArray("reveals").addObject().put("smaller", reveal.smaller())
                    .put("sideways", ExactText.of(reveal.sideways())).put("upwards", ExactText.of(reveal.upwards())));
        });
        return root;
    }

    private static void size(ObjectNode node, SheetSize size) {
        node.put("width", ExactText.of(size.width())).put("height", ExactText.of(size.height()));
    }
}
