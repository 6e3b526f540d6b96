package app.frenum.server.photo;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PhotoRepository extends JpaRepository<Photo, UUID> {
    /** Without the pictures themselves. */
    @Query("select new app.frenum.server.photo.PhotoView(p.id, p.subjectId, p.byName) from Photo p"
            + " where p.testId = :testId order by p.createdAt")
    List<PhotoView> ofTest(UUID testId);
}
