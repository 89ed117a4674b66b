package dev.inlay.bench;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.pitest.classinfo.ClassName;
import org.pitest.mutationtest.engine.Location;
import org.pitest.mutationtest.engine.MutationIdentifier;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.SAXException;

/**
 * The report of a mutation run.
 *
 * @param all how many changes were tried
 * @param survivors those that no test noticed
 */
record MutationReport(int all, List<Change> survivors) {

  /**
   * One change of the code.
   *
   * @param id what is changed, and where
   * @param line of the source
   */
  record Change(MutationIdentifier id, String line) {

    String className() {
      return id.getLocation().getClassName().asJavaName();
    }

    @Override
    public String toString() {
      String mutator = id.getMutator().substring(id.getMutator().lastIndexOf('.') + 1);
      return className() + ":" + line + " " + mutator;
    }
  }

  /**
   * Reads a report.
   *
   * @throws IOException if it cannot be read or is no report
   */
  static MutationReport read(Path file) throws IOException {
    try {
      DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
      factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
      NodeList nodes =
          factory.newDocumentBuilder().parse(file.toFile()).getElementsByTagName("mutation");
      List<Change> survivors = new ArrayList<>();
      for (int i = 0; i < nodes.getLength(); i++) {
        Element mutation = (Element) nodes.item(i);
        if (!"true".equals(mutation.getAttribute("detected"))) {
          survivors.add(change(mutation));
        }
      }
      return new MutationReport(nodes.getLength(), survivors);
    } catch (ParserConfigurationException | SAXException e) {
      throw new IOException(file + " is no report of a mutation run", e);
    }
  }

  private static Change change(Element mutation) {
    Location location =
        Location.location(
            ClassName.fromString(text(mutation, "mutatedClass")),
            text(mutation, "mutatedMethod"),
            text(mutation, "methodDescription"));
    int index = Integer.parseInt(text(mutation, "index"));
    return new Change(
        new MutationIdentifier(location, index, text(mutation, "mutator")),
        text(mutation, "lineNumber"));
  }

  private static String text(Element mutation, String name) {
    return mutation.getElementsByTagName(name).item(0).getTextContent();
  }
}
