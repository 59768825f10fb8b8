package cufflink.files.stash;

import cufflink.measure.Length;
import cufflink.paper.FacePicture;
import cufflink.words.Message;
import cufflink.words.StashFileWords;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Base64;
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
            Iterator<ImageReader> readers = stream == null ? null : ImageIO.getImageReaders(stream);
            if (readers == null || !readers.hasNext()) {
                return Read.failed(StashFileWords.NO_IMAGE.of("file", name));
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(stream);
                if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_PIXELS) {
                    return Read.failed(StashFileWords.IMAGE_TOO_LARGE.of("file", name));
                }
                return new Read(Optional.of(picture(reader.read(0), wide)), Optional.empty());
            } finally {
                reader.dispose();
            }
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException broken) {
            return Read.failed(StashFileWords.NO_IMAGE.of("file", name));
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
