package app.frenum.server.analysis;

import app.frenum.core.stop.StopKind;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface StopRepository extends JpaRepository<Stop, UUID> {
    List<Stop> findBySeriesIdInOrderByPosition(Collection<UUID> seriesIds);

    List<Stop> findByRecordingId(UUID recordingId);

    @Query("select distinct s.seriesId from Stop s")
    Set<UUID> seriesWithStops();

    boolean existsBySeriesIdIn(Collection<UUID> seriesIds);

    @Query("select max(s.number) from Stop s where s.seriesId = :seriesId")
    Integer highestNumber(UUID seriesId);

    @Query("select max(s.position) from Stop s where s.seriesId = :seriesId")
    Integer lastPosition(UUID seriesId);

    @Query("select max(s.number) from Stop s where s.seriesId = :seriesId and s.kind = :kind")
    Integer highestNumber(UUID seriesId, StopKind kind);

    @Query("""
            select new app.frenum.server.analysis.StopCount(s.seriesId, count(distinct s.id), count(distinct m.id), count(distinct d.id))
            from Stop s left join Measurement m on m.stopId = s.id left join StrikeOut d on d.stopId = s.id
            group by s.seriesId""")
    List<StopCount> counts();
}
