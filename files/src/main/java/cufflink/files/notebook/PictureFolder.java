package cufflink.files.notebook;

import cufflink.files.AtomicFile;
import cufflink.files.ImageFile;
import cufflink.files.Sha256;
import cufflink.notebook.Photo;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.NotebookWords;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import javax.imageio.IIOException;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/**
 * The notebook's pictures, beside the database: each file is called by its content, so that the same picture is kept
 * once, with a small preview.
 */
public final class PictureFolder {
    private static final long MOST_BYTES = 50_000_000;
    /** Pixels of a preview's longer side. */
    private static final int PREVIEW = 320;

    private final Path folder;

    /** In a data folder. */
    public PictureFolder(Path data) {
        this.folder = data.resolve("pictures");
    }

    /** Keeps a picture of a file; a PNG or JPEG, looked at before it is decoded. */
    public Outcome<Photo> keep(Path file, String caption) throws IOException {
        if (!Files.isRegularFile(file)) {
            return refused(file, NotebookWords.NO_PICTURE);
        } else if (Files.size(file) > MOST_BYTES) {
            return tooLarge(file, MOST_BYTES / 1_000_000 + " MB");
        }
        byte[] bytes = Files.readAllBytes(file);
        try (ImageInputStream stream = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Optional<Outcome<Photo>> kept = ImageFile.decoded(stream, reader -> {
                String kind = reader.getFormatName().toLowerCase(Locale.ROOT).replace("jpeg", "jpg");
                if (!kind.matches("png|jpg")) {
                    return refused(file, NotebookWords.NO_PICTURE);
                } else if (ImageFile.isTooLarge(reader)) {
                    return tooLarge(file, ImageFile.MOST_PIXELS / 1_000_000 + " million pixels");
                }
                byte[] preview = preview(reader);
                Photo photo = new Photo(Sha256.of(bytes), kind, caption);
                AtomicFile.keep(file(photo), bytes);
                AtomicFile.write(preview(photo), preview);
                return Outcome.of(photo);
            });
            return kept.orElseGet(() -> refused(file, NotebookWords.NO_PICTURE));
        } catch (IllegalArgumentException | IndexOutOfBoundsException | IIOException broken) {
            return refused(file, NotebookWords.NO_PICTURE);
        }
    }

    /** Only so many of the pixels are decoded as a preview needs. */
    private static byte[] preview(ImageReader reader) throws IOException {
        ImageReadParam few = reader.getDefaultReadParam();
        int every = Math.max(1, Math.max(reader.getWidth(0), reader.getHeight(0)) / (2 * PREVIEW));
        few.setSourceSubsampling(every, every, 0, 0);
        return ImageFile.small(reader.read(0, few), PREVIEW);
    }

    private static Outcome<Photo> refused(Path file, NotebookWords why) {
        return Outcome.failed(Problem.error(file.toString(), why.of("file", file.getFileName())));
    }

    private static Outcome<Photo> tooLarge(Path file, String most) {
        return Outcome.failed(Problem.error(file.toString(),
                NotebookWords.PICTURE_TOO_LARGE.of("file", file.getFileName(), "most", most)));
    }

    /** Where a picture lies. */
    public Path file(Photo photo) {
        return folder.resolve(photo.file());
    }

    /** Where its preview lies. */
    public Path preview(Photo photo) {
        return folder.resolve(photo.hash() + ".preview.jpg");
    }
}
