package app.frenum.server.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import app.frenum.server.FrenumProperties;
import app.frenum.server.recording.StoredFile;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.mockito.Mockito;
import org.springframework.transaction.PlatformTransactionManager;

class StagingTest {
    @TempDir
    private Path home;

    @Test
    void filesAndBytesAreBothLimitedAndWhatDoesNotFitIsNotCounted() {
        StagingLimit.Count count = new StagingLimit(3, 100).count();
        assertThat(count.fits(60)).isTrue();
        assertThat(count.fits(41)).isFalse();
        assertThat(count.fits(40)).isTrue();
        assertThat(count.fits(0)).isTrue();
        assertThat(count.fits(0)).as("a fourth file").isFalse();
    }

    @Test
    void ofMoreFilesThanOneAccountMayHaveWaitingTheOldestGo() throws Exception {
        StagedImportRepository staged = mock();
        List<StagedImport> newestFirst = IntStream.range(0, 502)
                .mapToObj(i ->
                        new StagedImport(UUID.randomUUID(), new StoredFile("log.csv", "", 10), StagedImport.Kind.LOG))
                .toList();
        when(staged.findBySavedTestIdIsNullOrderByCreatedAtDesc()).thenReturn(newestFirst);
        newestFirst.forEach(s -> when(staged.findById(s.id())).thenReturn(Optional.of(s)));
        Staging staging = new Staging(
                staged,
                new UploadFolder(new FrenumProperties(home, false, "")),
                mock(PlatformTransactionManager.class),
                Clock.systemUTC());
        byte[] log = "time [s],speed [km/h]\n0,50\n".getBytes(StandardCharsets.UTF_8);
        staging.stage(UUID.randomUUID(), "log.csv", new ByteArrayInputStream(log));
        verify(staged).delete(newestFirst.get(500));
        verify(staged).delete(newestFirst.get(501));
        verify(staged, Mockito.times(2)).delete(any());
    }
}
