package dev.inlay.extract;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class OrderedWorkTest {

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 5})
  void resultsComeInTheOrderOfTheWork(int workers) throws InterruptedException {
    List<Integer> taken = new ArrayList<>();
    try (OrderedWork<Integer> work = new OrderedWork<>(workers, taken::add)) {
      for (int i = 0; i < 200; i++) {
        int number = i;
        work.add(
            () -> {
              Thread.sleep(number % 3);
              return number;
            });
      }
      work.finish();
    }
    assertThat(taken).hasSize(200).isSorted();
  }

  @Test
  void fewPiecesAreBegunAhead() throws InterruptedException {
    CountDownLatch first = new CountDownLatch(1);
    AtomicInteger begun = new AtomicInteger();
    List<Integer> taken = new ArrayList<>();
    try (OrderedWork<Integer> work = new OrderedWork<>(2, taken::add)) {
      work.add(
          () -> {
            first.await();
            return 0;
          });
      Thread later =
          new Thread(
              () -> {
                while (begun.get() < 5) {
                  Thread.onSpinWait();
                }
                first.countDown();
              });
      later.start();
      for (int i = 1; i < 100; i++) {
        work.add(begun::incrementAndGet);
        assertThat(begun.get() - taken.size()).isLessThan(30);
      }
      work.finish();
      later.join();
    }
    assertThat(taken).hasSize(100);
  }

  @Test
  void anErrorOfTheWorkIsTheCallersToo() {
    try (OrderedWork<Integer> work = new OrderedWork<>(2, r -> {})) {
      assertThatThrownBy(
              () -> {
                work.add(
                    () -> {
                      throw new IllegalArgumentException("bad");
                    });
                work.finish();
              })
          .hasRootCauseMessage("bad");
    }
  }
}
