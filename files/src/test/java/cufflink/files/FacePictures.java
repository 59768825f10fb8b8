package cufflink.files;

import cufflink.measure.Length;
import cufflink.paper.FacePicture;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import javax.imageio.ImageIO;

/** Made-up pictures of papers. */
final class FacePictures {
    private FacePictures() {
    }

    /** Of one colour, with a darker top left quarter. */
    static BufferedImage image(int width, int height, Color colour) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < width; x++) {
            for (int y = 0; y < height; y++) {
                image.setRGB(x, y, (x < width / 2 && y < height / 2 ? Color.BLACK : colour).getRGB());
            }
        }
        return image;
    }

    /** A square one, so wide on the paper. */
    static FacePicture dot(Length wide) {
        return new FacePicture(base64(image(40, 40, Color.ORANGE)), wide, wide);
    }

    static String base64(BufferedImage image) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", bytes);
        } catch (IOException never) {
            throw new UncheckedIOException(never);
        }
        return Base64.getEncoder().encodeToString(bytes.toByteArray());
    }
}
