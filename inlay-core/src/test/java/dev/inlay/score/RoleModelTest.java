package dev.inlay.score;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.Regions;
import dev.inlay.evidence.LineRole;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import org.junit.jupiter.api.Test;

class RoleModelTest {

  @Test
  void everySignHasANameOfItsOwn() {
    assertThat(new HashSet<>(LineSigns.lineNames())).hasSameSizeAs(LineSigns.lineNames());
    assertThat(new HashSet<>(LineSigns.stepNames())).hasSameSizeAs(LineSigns.stepNames());
  }

  @Test
  void weightsThatWeighNothingAreNotWritten() {
    RoleModel model = new RoleModel(0);
    assertThat(model.text()).isEmpty();
    model.lineWeights()[LineRole.GROUP.ordinal()][0] = 1.25;
    model.lineWeights()[LineRole.GROUP.ordinal()][1] = 0.0004;
    assertThat(model.text()).isEqualTo("GROUP\tany line\t1.250\n");
  }

  @Test
  void theTrainedModelKnowsOnlySignsThatThereAre() {
    List<String> names = LineSigns.lineNames();
    List<String> steps = LineSigns.stepNames();
    List<String> ofUnits = new ArrayList<>(RoleModel.inputNames());
    ofUnits.add("begins with");
    List.of(LineRole.values()).forEach(r -> ofUnits.add(r.name()));
    for (String[] parts : Weights.read(RoleModel.class, "line-roles.txt")) {
      boolean step = parts[0].contains(" ");
      List<String> known = HiddenUnits.isUnits(parts[0]) ? ofUnits : step ? steps : names;
      assertThat(known).contains(parts[1]);
    }
    assertThat(RoleModel.trained().units().biases().length).isBetween(16, 64);
  }

  @Test
  void aTableBelowProseIsReadLineByLine() {
    PageBuilder page = new PageBuilder();
    page.text("The boats came in with the tide and were weighed at the quay by noon.", 50, 60);
    page.text("All weights are those of the scales at the head of the pier at Oyle.", 50, 74);
    page.bold().text("Vessel", 50, 120).text("Boxed", 220, 120).text("Bulk", 320, 120).plain();
    for (int r = 0; r < 5; r++) {
      double y = 134 + 14 * r;
      page.text("Skua " + r, 50, y).text("12" + r + ".5", 220, y).text("3" + r + ".25", 320, y);
    }
    List<LineRole> roles = RoleReading.of(Regions.zones(page).get(0)).roles();
    assertThat(roles.subList(0, 3))
        .containsExactly(LineRole.OUTSIDE, LineRole.OUTSIDE, LineRole.HEADER);
    assertThat(roles.subList(3, 8)).containsOnly(LineRole.RECORD);
  }
}
