package cufflink.files.handout;

import cufflink.paper.FacePicture;
import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/** Pictures of papers in a document, each put into it once. */
final class FaceImages {
    private final PDDocument document;
    private final Map<String, Optional<PDImageXObject>> images = new HashMap<>();

    FaceImages(PDDocument document) {
        this.document = document;
    }

    /** Absent for data that is no image. */
    Optional<PDImageXObject> of(FacePicture picture) {
        return images.computeIfAbsent(picture.data(), data -> {
            try {
                return Optional.of(PDImageXObject.createFromByteArray(document, picture.bytes(), "face"));
            } catch (IOException | IllegalArgumentException noImage) {
                return Optional.empty();
            }
        });
    }
}
