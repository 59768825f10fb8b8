package cufflink.files.project;

import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.files.json.JsonFields;
import cufflink.measure.ExactText;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import cufflink.words.ProjectWords;
import java.util.List;
import java.util.Optional;

/** An envelope as JSON: a published one by its name, the maker's own with its sides. */
final class EnvelopeJson {
    private static final String FIELD = "envelope";

    private EnvelopeJson() {
    }

    static void write(ObjectNode node, NamedSize envelope) {
        if (PublishedSizes.named(NamedSize.Kind.ENVELOPE, envelope.name()).filter(envelope::equals).isPresent()) {
            node.put(FIELD, envelope.name());
        } else {
            node.putObject(FIELD).put("name", envelope.name()).put("width", ExactText.of(envelope.width()))
                    .put("height", ExactText.of(envelope.height()));
        }
    }

    /** None where the field is not there, or wrong. */
    static Optional<NamedSize> read(JsonFields fields) {
        if (!fields.has(FIELD)) {
            return Optional.empty();
        }
        if (fields.isObject(FIELD)) {
            JsonFields own = fields.in(FIELD);
            return Optional.of(own(own.filledText("name"), own));
        }
        Optional<NamedSize> found = PublishedSizes.named(NamedSize.Kind.ENVELOPE, fields.text(FIELD));
        if (found.isEmpty()) {
            fields.problem(FIELD, ProjectWords.NO_ENVELOPE.of("known", PublishedSizes.names(NamedSize.Kind.ENVELOPE)));
        }
        return found;
    }

    private static NamedSize own(String name, JsonFields own) {
        return new NamedSize(NamedSize.Kind.ENVELOPE, name, own.size("width"), own.size("height"), List.of(),
                NamedSize.MEASURED);
    }
}
