package cufflink.desktop.control;

import cufflink.paper.FacePicture;
import java.io.ByteArrayInputStream;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import javafx.scene.image.Image;
import javafx.scene.paint.ImagePattern;

/** Pictures of papers as the window paints them, each decoded once; the longest unused give way. Window thread only. */
final class FaceImages {
    private static final int KEPT = 24;
    private static final Map<String, Optional<ImagePattern>> PATTERNS = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Optional<ImagePattern>> eldest) {
            return size() > KEPT;
        }
    };

    private FaceImages() {
    }

    /** A tile of side 1; absent for data that is no image. */
    static Optional<ImagePattern> pattern(FacePicture picture) {
        return PATTERNS.computeIfAbsent(picture.data(), data -> {
            Image image = new Image(new ByteArrayInputStream(picture.bytes()));
            return image.isError() || image.getWidth() < 1 ? Optional.empty()
                    : Optional.of(new ImagePattern(image, 0, 0, 1, 1, false));
        });
    }
}
