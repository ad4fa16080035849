import type { ApiProblem } from './api';

export function problemSentence(problem: ApiProblem): string {
  return problem.kind === 'serverGone'
    ? 'Knurl’s server does not answer. What you typed is still here; start the server and try again.'
    : problem.detail;
}
