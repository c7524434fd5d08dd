import { BoardPage } from "./board/page/BoardPage";
import { ProjectList } from "./projects/ProjectList";
import { usePath } from "./ui/route";

export function App() {
  const project = /^\/projects\/([0-9a-f-]{36})$/.exec(usePath())?.[1];
  return project ? <BoardPage key={project} project={project} /> : <ProjectList />;
}
