package cufflink.files;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Collections;
import java.util.Iterator;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/** Reads images of strangers: nothing is decoded before its size is known. */
public final class ImageFile {
    /** More pixels than this are not decoded. */
    public static final long MOST_PIXELS = 100_000_000;

    private ImageFile() {
    }

    /** What is wanted of an image whose kind is known. */
    public interface Decoding<T> {
        T of(ImageReader reader) throws IOException;
    }

    /** What is read of an image; absent if the stream, which may be null for a file that is not there, holds none. */
    public static <T> Optional<T> decoded(ImageInputStream stream, Decoding<T> decoding) throws IOException {
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

    /** Whether an image has more pixels than are decoded. */
    public static boolean isTooLarge(ImageReader reader) throws IOException {
        return (long) reader.getWidth(0) * reader.getHeight(0) > MOST_PIXELS;
    }

    /** A JPEG of it with sides of at most so many pixels, on white. */
    public static byte[] small(BufferedImage image, int most) throws IOException {
        double share = Math.min(1, (double) most / Math.max(image.getWidth(), image.getHeight()));
        int width = Math.max(1, (int) Math.round(image.getWidth() * share));
        int height = Math.max(1, (int) Math.round(image.getHeight() * share));
        BufferedImage small = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = small.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        graphics.drawImage(image, 0, 0, width, height, Color.WHITE, null);
        graphics.dispose();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(small, "jpg", bytes);
        return bytes.toByteArray();
    }
}
