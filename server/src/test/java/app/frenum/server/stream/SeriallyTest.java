package app.frenum.server.stream;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

@Timeout(60)
class SeriallyTest {
    private final UUID one = UUID.randomUUID();
    private final UUID other = UUID.randomUUID();

    @Test
    void everythingOfOneIsDoneInItsOrder() throws InterruptedException {
        List<Integer> done = Collections.synchronizedList(new ArrayList<>());
        CountDownLatch last = new CountDownLatch(1);
        try (Serially line = new Serially("test")) {
            IntStream.range(0, 1000).forEach(i -> line.execute(one, () -> done.add(i)));
            line.execute(one, last::countDown);
            last.await();
        }
        assertThat(done).isEqualTo(IntStream.range(0, 1000).boxed().toList());
    }

    @Test
    void oneThatHangsHoldsUpNobodyElse() throws InterruptedException {
        CountDownLatch hanging = new CountDownLatch(1);
        CountDownLatch others = new CountDownLatch(100);
        CountDownLatch after = new CountDownLatch(1);
        try (Serially line = new Serially("test")) {
            line.execute(one, () -> await(hanging));
            line.execute(one, after::countDown);
            IntStream.range(0, 100)
                    .forEach(i -> line.execute(i % 2 == 0 ? other : UUID.randomUUID(), others::countDown));
            others.await();
            assertThat(after.getCount()).as("its own waits for it").isOne();
            hanging.countDown();
            after.await();
        }
    }

    @Test
    void whatGoesWrongWithOneIsNoConcernOfTheNext() throws InterruptedException {
        CountDownLatch next = new CountDownLatch(1);
        try (Serially line = new Serially("test")) {
            line.execute(one, () -> {
                throw new IllegalStateException("on purpose");
            });
            line.execute(one, next::countDown);
            assertThat(next.await(30, TimeUnit.SECONDS)).isTrue();
        }
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
