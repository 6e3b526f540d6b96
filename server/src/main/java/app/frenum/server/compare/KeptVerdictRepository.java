package app.frenum.server.compare;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface KeptVerdictRepository extends JpaRepository<KeptVerdict, UUID> {
    /** Two who ask for the list at the same moment compute the same, and either may be the one who keeps it. */
    @Modifying
    @Query(nativeQuery = true, value = """
            insert into kept_verdict (test_id, stands_for, verdict, candidate, fluid_shown, told)
            values (:testId, :standsFor, :verdict, :candidate, :fluidShown, cast(:told as jsonb))
            on conflict (test_id) do update
            set stands_for = excluded.stands_for, verdict = excluded.verdict, candidate = excluded.candidate,
                fluid_shown = excluded.fluid_shown, told = excluded.told""")
    void keep(
            UUID testId,
            String standsFor,
            @Nullable String verdict,
            @Nullable String candidate,
            @Nullable String fluidShown,
            @Nullable String told);
}
