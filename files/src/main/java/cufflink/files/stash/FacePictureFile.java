package cufflink.files.stash;

import cufflink.measure.Length;
import cufflink.paper.FacePicture;
import cufflink.words.Message;
import cufflink.words.StashFileWords;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Base64;
import java.util.Collections;
import java.util.Iterator;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/** Reads a photograph or scan of a paper's face, made small enough to go with every project that uses the paper. */
public final class FacePictureFile {
    /** Pixels of the longer side that are kept. */
    private static final int KEPT = 512;
    private static final long MOST_PIXELS = 100_000_000;

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
            return decoded(stream,
                    reader -> (long) reader.getWidth(0) * reader.getHeight(0) > MOST_PIXELS
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
            return decoded(stream, reader -> Math.max(reader.getWidth(0), reader.getHeight(0)) <= KEPT).orElse(false);
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException broken) {
            return false;
        }
    }

    private interface Decoding<T> {
        T of(ImageReader reader) throws IOException;
    }

    /** What is read of an image; absent if the stream, which may be null for a file that is not there, holds none. */
    private static <T> Optional<T> decoded(ImageInputStream stream, Decoding<T> decoding) throws IOException {
        Iterator<ImageReader> readers = stream == null ? Collections.emptyIterator() : ImageIO.getImageReaders(stream);
        if (!readers.hasNext()) {
            return Optional.empty();
        }
        ImageReader reader = readers.next();
        try {
            reader.setInput(stream);
            return Optional.of(decoding.of(reader));
        } finally {
            reader.dispose();
        }
    }

    private static FacePicture picture(BufferedImage image, Length wide) throws IOException {
        double share = Math.min(1, (double) KEPT / Math.max(image.getWidth(), image.getHeight()));
        int width = Math.max(1, (int) Math.round(image.getWidth() * share));
        int height = Math.max(1, (int) Math.round(image.getHeight() * share));
        BufferedImage small = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = small.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        graphics.drawImage(image, 0, 0, width, height, Color.WHITE, null);
        graphics.dispose();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(small, "jpg", bytes);
        return new FacePicture(Base64.getEncoder().encodeToString(bytes.toByteArray()), wide,
                Length.nearestToMillimetres(wide.toMillimetres() * height / width));
    }
}
