package app.frenum.server.photo;

import app.frenum.core.people.Who;
import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class PhotoController {
    private final PhotoService photos;

    PhotoController(PhotoService photos) {
        this.photos = photos;
    }

    /** The picture itself is the body. */
    @Does(Deed.RECORDS)
    @PutMapping(value = "/tests/{testId}/photos/{id}", consumes = "application/octet-stream")
    PhotoView keep(
            @PathVariable UUID testId,
            @PathVariable UUID id,
            @RequestParam UUID subjectId,
            Who who,
            HttpServletRequest request)
            throws IOException {
        return photos.keep(id, testId, subjectId, who, request.getInputStream());
    }

    @Does(Deed.READS)
    @GetMapping("/tests/{testId}/photos")
    List<PhotoView> photos(@PathVariable UUID testId) {
        return photos.ofTest(testId);
    }

    @Does(Deed.READS)
    @GetMapping(value = "/photos/{id}", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> photo(@PathVariable UUID id) {
        return ResponseEntity.ok()
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable())
                .body(photos.jpeg(id));
    }
}
