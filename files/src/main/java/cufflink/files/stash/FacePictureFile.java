package cufflink.files.stash;

import cufflink.files.ImageFile;
import cufflink.measure.Length;
import cufflink.paper.FacePicture;
import cufflink.words.Message;
import cufflink.words.StashFileWords;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Base64;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.stream.ImageInputStream;

/** Reads a photograph or scan of a paper's face, made small enough to go with every project that uses the paper. */
public final class FacePictureFile {
    /** Pixels of the longer side that are kept. */
    private static final int KEPT = 512;

    private FacePictureFile() {
    }

    /** A picture, or why the file gives none. */
    public record Read(Optional<FacePicture> picture, Optional<Message> fault) {
        private static Read failed(Message fault) {
            return new Read(Optional.empty(), Optional.of(fault));
        }
    }

    /** The picture of an image file (PNG, JPEG, GIF, BMP), so wide on the paper. */
    public static Read read(Path file, Length wide) {
        String name = String.valueOf(file.getFileName());
        try (ImageInputStream stream = ImageIO.createImageInputStream(file.toFile())) {
            return ImageFile.decoded(stream,
                    reader -> ImageFile.isTooLarge(reader)
                            ? Read.failed(StashFileWords.IMAGE_TOO_LARGE.of("file", name))
                            : new Read(Optional.of(picture(reader.read(0), wide)), Optional.empty()))
                    .orElseGet(() -> Read.failed(StashFileWords.NO_IMAGE.of("file", name)));
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException broken) {
            return Read.failed(StashFileWords.NO_IMAGE.of("file", name));
        }
    }

    /** Whether a picture that comes with a project is an image, and of no more pixels than are kept of one. */
    public static boolean isSound(FacePicture picture) {
        try (ImageInputStream stream = ImageIO.createImageInputStream(new ByteArrayInputStream(picture.bytes()))) {
            return ImageFile.decoded(stream, reader -> Math.max(reader.getWidth(0), reader.getHeight(0)) <= KEPT)
                    .orElse(false);
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException broken) {
            return false;
        }
    }

    private static FacePicture picture(BufferedImage image, Length wide) throws IOException {
        return new FacePicture(Base64.getEncoder().encodeToString(ImageFile.small(image, KEPT)), wide,
                Length.nearestToMillimetres(wide.toMillimetres() * image.getHeight() / image.getWidth()));
    }
}
